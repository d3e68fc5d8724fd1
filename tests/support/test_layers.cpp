// SPDX-License-Identifier: GPL-3.0-or-later
#include <QDirIterator>
#include <QFile>
#include <QMap>
#include <QRegularExpression>
#include <QSet>
#include <QTest>
#include <algorithm>
#include <functional>

namespace {

/// What each layer may include of ours, by folder.
struct Layer {
    const char* name;
    QStringList ours;
};
const Layer layers[] = {
    {"core", {"core"}},
    {"listen/hearing", {"core", "listen/hearing"}},
    {"modules", {"modules"}},
    {"listen/sources", {"core", "modules", "listen/hearing", "listen/sources"}},
    {"listen/devices", {"listen/sources", "listen/devices"}},
    {"language", {"core", "language"}},
    {"domain", {"core", "language", "domain"}},
    {"store", {"core", "language", "listen/hearing", "modules", "domain", "store"}},
    {"server", {"store", "server"}},
    {"session", {"core", "language", "listen/hearing", "listen/sources", "modules", "domain", "store", "session"}},
    {"day", {"core", "session", "day"}},
    {"paint", {"core", "language", "paint"}},
    {"widgets", {"core", "language", "listen/hearing", "listen/sources", "domain", "store", "session", "paint", "widgets"}},
    {"app", {"core", "language", "listen/hearing", "listen/sources", "domain", "store", "session", "paint", "widgets", "app"}},
    {"cli", {"core", "language", "listen/hearing", "domain", "store", "cli"}}};

QStringList includesOf(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return {};
    static const QRegularExpression line(QStringLiteral("^\\s*#include\\s+[<\"]([^>\"]+)[>\"]"),
                                         QRegularExpression::MultilineOption);
    QStringList found;
    auto matches = line.globalMatch(QString::fromUtf8(file.readAll()));
    while (matches.hasNext())
        found.append(matches.next().captured(1));
    return found;
}

QStringList faultsOf(const Layer& layer) {
    QStringList faults;
    QDirIterator files(QStringLiteral(FLENZO_SOURCE_DIR "/src/%1").arg(QLatin1String(layer.name)),
                       {QStringLiteral("*.h"), QStringLiteral("*.cpp")}, QDir::Files, QDirIterator::Subdirectories);
    int count = 0;
    while (files.hasNext()) {
        const QString file = files.next();
        ++count;
        for (const QString& include : includesOf(file)) {
            const QString top = include.section(QLatin1Char('/'), 0, 0);
            const bool ours =
                include.contains(QLatin1Char('/')) && QDir(QStringLiteral(FLENZO_SOURCE_DIR "/src/") + top).exists();
            const auto allowed = [&include](const QString& folder) {
                return include.startsWith(folder + QLatin1Char('/'));
            };
            if (ours && std::none_of(layer.ours.begin(), layer.ours.end(), allowed))
                faults.append(file + QStringLiteral(" includes ") + include);
            const bool plain = QStringList{QStringLiteral("core"), QStringLiteral("listen/hearing")}.contains(
                QLatin1String(layer.name));
            if (plain && include.startsWith(QLatin1Char('Q')))
                faults.append(file + QStringLiteral(" uses Qt: ") + include);
            if (QLatin1String(layer.name) == QLatin1String("paint") && include == QLatin1String("QWidget"))
                faults.append(file + QStringLiteral(" uses widgets"));
        }
    }
    if (count == 0)
        faults.append(QStringLiteral("no files found for ") + QLatin1String(layer.name));
    return faults;
}

/// Which folder of a layer includes which other.
using Folders = QMap<QString, QSet<QString>>;

Folders foldersOf(const QString& layer) {
    Folders folders;
    const QString root = QStringLiteral(FLENZO_SOURCE_DIR "/src/") + layer;
    QDirIterator files(root, {QStringLiteral("*.h"), QStringLiteral("*.cpp")}, QDir::Files,
                       QDirIterator::Subdirectories);
    const auto folderOf = [](const QString& path) { return path.section(QLatin1Char('/'), 0, -2); };
    while (files.hasNext()) {
        const QString file = files.next();
        const QString from = layer + QLatin1Char('/') + folderOf(QDir(root).relativeFilePath(file));
        for (const QString& include : includesOf(file))
            if (include.startsWith(layer + QLatin1Char('/')) && folderOf(include) != from)
                folders[from].insert(folderOf(include));
    }
    return folders;
}

/// Folders from which one comes back to where one began; empty when there are none.
QStringList cycleIn(const Folders& folders) {
    const std::function<QStringList(const QStringList&)> walk = [&](const QStringList& way) -> QStringList {
        for (const QString& next : folders.value(way.back())) {
            if (way.contains(next))
                return way + QStringList{next};
            if (QStringList found = walk(way + QStringList{next}); !found.isEmpty())
                return found;
        }
        return {};
    };
    for (const QString& folder : folders.keys())
        if (QStringList found = walk({folder}); !found.isEmpty())
            return found;
    return {};
}

} // namespace

class TestLayers : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void includesStayInTheirLayer_data() {
        QTest::addColumn<int>("index");
        for (int i = 0; i < static_cast<int>(std::size(layers)); ++i)
            QTest::newRow(layers[i].name) << i;
    }
    void includesStayInTheirLayer() {
        QFETCH(int, index);
        const QStringList faults = faultsOf(layers[index]);
        QVERIFY2(faults.isEmpty(), qPrintable(faults.join(QLatin1Char('\n'))));
    }
    void foldersOfALayerStandInOneOrder() {
        for (const Layer& layer : layers) {
            const QStringList cycle = cycleIn(foldersOf(QLatin1String(layer.name)));
            QVERIFY2(cycle.isEmpty(), qPrintable(cycle.join(QStringLiteral(" -> "))));
        }
        QVERIFY(foldersOf(QStringLiteral("core")).value(QStringLiteral("core/estimation")).size() > 2);
    }
    void aCycleIsSeen() {
        const Folders round{{QStringLiteral("a"), {QStringLiteral("b")}},
                            {QStringLiteral("b"), {QStringLiteral("c")}},
                            {QStringLiteral("c"), {QStringLiteral("a")}}};
        QCOMPARE(cycleIn(round).size(), 4);
        QVERIFY(cycleIn({{QStringLiteral("a"), {QStringLiteral("b")}}}).isEmpty());
    }
    void aCrossingIsSeen() {
        for (const Layer& wrong : {Layer{"session", {"session"}}, Layer{"listen/sources", {"core", "listen/sources"}}})
            QVERIFY(!faultsOf(wrong).isEmpty());
    }
};

QTEST_APPLESS_MAIN(TestLayers)
#include "test_layers.moc"
