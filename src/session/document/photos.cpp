// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/photos.h"

#include "domain/faults.h"
#include "store/files.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QImageReader>

namespace flenzo {

namespace {
constexpr qint64 mostBytes = 60'000'000;
}

QString photoFolder(const QString& logbookPath) {
    return logbookPath + QStringLiteral(".photos");
}

Result<QString> keepPhoto(const Session& session, const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return Fault{faults::photoUnread, QStringLiteral("photo")};
    if (file.size() > mostBytes)
        return Fault{faults::photoTooLarge, QStringLiteral("photo")};
    if (!QImageReader(path).canRead())
        return Fault{faults::noPhoto, QStringLiteral("photo")};
    if (!session.logbook() || session.logbook()->readOnly())
        return QFileInfo(path).absoluteFilePath();
    const QByteArray bytes = file.readAll();
    const QByteArray name = QCryptographicHash::hash(bytes, QCryptographicHash::Sha256).toHex().left(20);
    const QDir folder(photoFolder(session.logbook()->path()));
    const QString kept =
        folder.filePath(QString::fromLatin1(name) + QLatin1Char('.') + QFileInfo(path).suffix().toLower());
    if (QFileInfo::exists(kept))
        return kept;
    if (!folder.mkpath(QStringLiteral(".")))
        return Fault{faults::photoNotKept, QStringLiteral("photo")};
    if (const auto fault = writeFile(kept, bytes))
        return *fault;
    return kept;
}

} // namespace flenzo
