// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document/demo.h"
#include "store/files.h"
#include "store/job_json.h"
#include "support/window.h"

namespace flenzo::testing {

inline Job listenJob(const char* name) {
    const QString path = QStringLiteral(FLENZO_SOURCE_DIR "/tests/data/reference/listen/") + QLatin1String(name) +
                         QStringLiteral(".flenzo-job");
    return jobFromJson(readJsonFile(path).value()).value();
}

/// A window with a guitar that answers the ear.
class ListeningFixture : protected WindowFixture {
protected:
    [[nodiscard]] const Job& job() const { return session().job(); }
    void startSimulated() {
        Job demo = demoJob(0).value();
        demo.log.clear();
        demo.simulatedSeed = 2026;
        demo.method.stretch = false;
        QVERIFY(!session().addToLogbook(demo));
    }
};

} // namespace flenzo::testing
