// SPDX-License-Identifier: GPL-3.0-or-later
// One reader under libFuzzer; which one is named when it is compiled. JSON is changed as JSON half of the time, or next
// to nothing of it would get past the parser.
#include "support/json_mutation.h"
#include "support/readers.h"

#include <QCoreApplication>
#include <QJsonDocument>
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <cstring>

using namespace flenzo::testing;

extern "C" std::size_t LLVMFuzzerMutate(std::uint8_t* data, std::size_t size, std::size_t most);

namespace {

const Reader& reader() {
    for (const Reader& each : readers())
        if (each.name == QLatin1String(FLENZO_READER))
            return each;
    std::abort();
}

QByteArray bytesOf(const std::uint8_t* data, std::size_t size) {
    return {reinterpret_cast<const char*>(data), static_cast<qsizetype>(size)};
}

} // namespace

extern "C" int LLVMFuzzerInitialize(int* argc, char*** argv) {
    static QCoreApplication app(*argc, *argv); // the logbook's driver is a plugin
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const QString broken = reader().read(bytesOf(data, size));
    if (!broken.isEmpty()) {
        std::fprintf(stderr, "%s\n", qPrintable(broken));
        std::abort();
    }
    return 0;
}

extern "C" std::size_t LLVMFuzzerCustomMutator(std::uint8_t* data, std::size_t size, std::size_t most, unsigned seed) {
    std::mt19937 random(seed);
    if (!reader().json || random() % 2 == 0)
        return LLVMFuzzerMutate(data, size, most);
    QJsonValue value = QJsonDocument::fromJson(bytesOf(data, size)).object();
    for (unsigned k = 0; k <= random() % 3; ++k)
        value = mutated(value, random);
    const QByteArray out = QJsonDocument(value.toObject()).toJson(QJsonDocument::Compact);
    if (static_cast<std::size_t>(out.size()) > most)
        return LLVMFuzzerMutate(data, size, most);
    std::memcpy(data, out.constData(), static_cast<std::size_t>(out.size()));
    return static_cast<std::size_t>(out.size());
}
