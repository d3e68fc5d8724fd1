// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/practice_lead.h"

#include "session/input/quantity.h"
#include "widgets/pages/practice_bench.h"
#include "widgets/pages/practice_page.h"

#include <QByteArrayView>

namespace flenzo {

namespace {

struct Led {
    const char* id;
    const char* key; ///< of the practice bench; none: nothing to do there
};
constexpr Led ledActions[] = {{"undo", nullptr},        {"redo", nullptr},         {"answer", nullptr},
                              {"listen", nullptr},      {"tone", nullptr},         {"listenFile", nullptr},
                              {"listenPause", nullptr}, {"turnFlat", nullptr},     {"turnPlaying", nullptr},
                              {"turnUpright", nullptr}, {"turnFaceDown", nullptr}, {"blockIn", "block"},
                              {"blockOut", "unblock"},  {"stringOff", "takeOff"},  {"gap", "measure"},
                              {"done", "done"},         {"finder", "diagnose"}};

void lead(ActionSpec& spec, const std::function<bool()>& isPractising, const std::function<void()>& there) {
    spec.enabled = [isPractising, usual = spec.enabled, used = static_cast<bool>(there)] {
        return isPractising() ? used : !usual || usual();
    };
    if (there)
        spec.run = [isPractising, usual = spec.run, there] { isPractising() ? there() : usual(); };
}

} // namespace

void leadToPractice(std::vector<ActionSpec>& list, const std::function<bool()>& isPractising,
                    const std::function<PracticePage&()>& practice) {
    const auto press = [practice](const char* key) -> std::function<void()> {
        return [practice, key] { practice().bench().takeNamed(QLatin1String(key)); };
    };
    for (ActionSpec& spec : list) {
        for (const Led& each : ledActions)
            if (qstrcmp(each.id, spec.id) == 0)
                lead(spec, isPractising, each.key ? press(each.key) : nullptr);
        if (QByteArrayView(spec.id).startsWith("string") && spec.menu.isEmpty())
            lead(spec, isPractising, [practice, digit = spec.id[6] - '0'] {
                if (const auto string =
                        stringNamed(practice().bench().run()->job().rig, std::to_string(digit == 0 ? 10 : digit)))
                    practice().bench().pick(*string);
            });
    }
}

} // namespace flenzo
