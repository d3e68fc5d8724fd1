// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/photos.h"

#include "domain/base/faults.h"
#include "store/files.h"
#include "store/recordings.h"

#include <QCoreApplication>
#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QImageReader>

namespace flenzo {

namespace {
constexpr qint64 mostBytes = 60'000'000;
}

namespace {

/// Under a name from its content: kept twice it is there once.
Result<QString> writeBeside(const Logbook& book, const QByteArray& bytes, const QString& suffix, const QString& field) {
    const QByteArray name = QCryptographicHash::hash(bytes, QCryptographicHash::Sha256).toHex().left(20);
    Result<QString> kept = book.backend().attach(QString::fromLatin1(name) + QLatin1Char('.') + suffix, bytes);
    if (kept.ok())
        return kept;
    Fault fault = kept.fault();
    fault.field = field;
    return fault;
}

} // namespace

QString attachedFile(const Session& session, const QString& reference) {
    const QString kept = session.logbook() ? session.logbook()->backend().attachment(reference) : QString();
    return kept.isEmpty() ? reference : kept;
}

std::optional<QString> attachedHere(const Session& session, const QString& reference) {
    const auto kept = session.logbook() ? session.logbook()->backend().attachmentHere(reference) : QString();
    return kept && kept->isEmpty() ? reference : kept;
}

QString fetchAttached(const QString& address, const QString& reference) {
    const auto book = Logbook::open(address); // a connection belongs to its thread
    return book.ok() ? book.value()->backend().attachment(reference) : QString();
}

Result<QString> savePhoto(const Session& session, const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return Fault{faults::photoUnread, QStringLiteral("photo")};
    if (file.size() > mostBytes)
        return Fault{faults::photoTooLarge, QStringLiteral("photo")};
    if (!QImageReader(path).canRead())
        return Fault{faults::noPhoto, QStringLiteral("photo")};
    if (!session.logbook() || session.logbook()->readOnly())
        return QFileInfo(path).absoluteFilePath();
    return writeBeside(*session.logbook(), file.readAll(), QFileInfo(path).suffix().toLower(), QStringLiteral("photo"));
}

std::optional<Fault> saveTake(Session& session, const Recording& take, const QString& step, const QString& now) {
    const QString field = QStringLiteral("recording");
    if (take.samples.empty())
        return Fault{faults::takeEmpty, field};
    if (!session.isKept() || session.logbook()->readOnly())
        return Fault{faults::takeWithoutBook, field};
    const Result<QString> kept = writeBeside(*session.logbook(), wavBytes(take), QStringLiteral("wav"), field);
    if (!kept.ok())
        return kept.fault();
    return session.edit(QCoreApplication::translate("Session", "recording"), [&](Job& job) {
        job.work.records.append({step, StepRecord::What::Take, kept.value(), now});
    });
}

QStringList takesOf(const Job& job) {
    QStringList files;
    for (const StepRecord& record : job.work.records)
        if (record.what == StepRecord::What::Take)
            files.append(record.text);
    return files;
}

} // namespace flenzo
