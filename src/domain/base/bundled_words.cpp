// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/base/bundled_words.h"

#include <QCoreApplication>

namespace flenzo {

namespace {

/// As data/exercises, data/demo and data/catalogue have them, so that they are gathered for the translations.
constexpr const char* sentences[] = {
    QT_TRANSLATE_NOOP("Bundled", "Aims under a block that is too thick"),
    QT_TRANSLATE_NOOP(
        "Bundled",
        "The block holds the plate forward of level. What is tuned to pitch on it is off when the block comes out."),
    QT_TRANSLATE_NOOP("Bundled", "Choose what to tune to under the block, take it out, end in tune and level."),
    QT_TRANSLATE_NOOP("Bundled", "Decked, with little to spare"),
    QT_TRANSLATE_NOOP("Bundled", "The plate rests on the body, and the springs hold it there with little more than "
                                 "they must. Too much makes the arm stiff; too little and the plate lifts."),
    QT_TRANSLATE_NOOP("Bundled", "Keep it down with the load that was asked for, and in tune."),
    QT_TRANSLATE_NOOP("Bundled", "Down to drop A"),
    QT_TRANSLATE_NOOP("Bundled", "Lower pitch pulls less, thicker strings pull more: which wins is not obvious."),
    QT_TRANSLATE_NOOP("Bundled", "Judge the claw before it is turned, then bring all seven strings to pitch."),
    QT_TRANSLATE_NOOP("Bundled", "Fresh strings, the same set"),
    QT_TRANSLATE_NOOP("Bundled", "The owner likes it as it is: same gauges, same tuning. The plate was level before."),
    QT_TRANSLATE_NOOP("Bundled",
                      "Bring every string to pitch with the plate level. Watch what each string does to the others."),
    QT_TRANSLATE_NOOP("Bundled", "A full set-up against the clock"),
    QT_TRANSLATE_NOOP("Bundled",
                      "A double-locking seven-string with new strings that still stretch. It is on stage tonight."),
    QT_TRANSLATE_NOOP("Bundled", "Stretch, balance, lock, fine-tune, find what is wrong if anything is, and hand it "
                                 "over locked within an hour and a half."),
    QT_TRANSLATE_NOOP("Bundled", "A gauge step up, over a block"),
    QT_TRANSLATE_NOOP("Bundled", "Heavier strings pull the plate forward. A block of the level gap is under it "
                                 "already: on it strings do not move each other."),
    QT_TRANSLATE_NOOP("Bundled", "Tune under the block, take it out, tighten the claw, end in tune and level."),
    QT_TRANSLATE_NOOP("Bundled", "Tuners at the bridge"),
    QT_TRANSLATE_NOOP("Bundled", "A short headless guitar: the nut is clamped, the bridge tuners are fine, the plate "
                                 "floats. A set one size lighter is on."),
    QT_TRANSLATE_NOOP("Bundled", "Bring it to pitch and level with the bridge tuners and the claw."),
    QT_TRANSLATE_NOOP("Bundled", "An arm whose height its spring decides"),
    QT_TRANSLATE_NOOP(
        "Bundled",
        "A roller shaft with a spring under the arm: no claw, nothing to turn. Heavier flat-wounds went on."),
    QT_TRANSLATE_NOOP("Bundled", "Bring the strings to pitch in as few passes as possible; look where the arm ends."),
    QT_TRANSLATE_NOOP("Bundled", "A soft float"),
    QT_TRANSLATE_NOOP("Bundled", "A soft arm moves far for little: every peg changes all the other strings, and small "
                                 "turns move the plate far."),
    QT_TRANSLATE_NOOP("Bundled", "Bring the soft bridge to pitch and level without chasing it."),
    QT_TRANSLATE_NOOP("Bundled", "How many springs?"),
    QT_TRANSLATE_NOOP("Bundled", "Two springs are left of three, and a heavier set is to go on. The claw screws are "
                                 "short: with two springs they end before the plate is level."),
    QT_TRANSLATE_NOOP("Bundled", "Find how many springs it takes, hook them in, end in tune and level."),
    QT_TRANSLATE_NOOP("Bundled", "Sunk after lighter strings"),
    QT_TRANSLATE_NOOP("Bundled", "A lighter set went on, and the springs now pull the rear edge down."),
    QT_TRANSLATE_NOOP("Bundled", "Loosen the claw far enough, but not further; end in tune and level."),
    QT_TRANSLATE_NOOP("Bundled", "What is wrong with it?"),
    QT_TRANSLATE_NOOP("Bundled", "It came back: \"it will not stay in tune\". It may be one of many things."),
    QT_TRANSLATE_NOOP("Bundled", "Find what is wrong before it is tuned: look, measure, pull, dive, inspect. Name it. "
                                 "Then end in tune and level."),
    QT_TRANSLATE_NOOP("Bundled", "Long scale, from A up to B on a lighter set; the owner wants the arm softer."),
    QT_TRANSLATE_NOOP("Bundled",
                      "Came in because it never stays in tune: two soft springs, saddles far back, a heavy set."),
    QT_TRANSLATE_NOOP(
        "Bundled", "Goes from B standard to drop A for a stage set; heavier strings, claw last set for the old ones."),
    QT_TRANSLATE_NOOP(
        "Bundled",
        "Fulcrum on two bridge posts, open nut, tuned a whole step down; one spring was taken out by the owner."),
    QT_TRANSLATE_NOOP(
        "Bundled",
        "Back from a tour with a set one size lighter than it was balanced for; tuners at the bridge, nut clamped."),
    QT_TRANSLATE_NOOP(
        "Bundled",
        "Heavier flat-wounds went on and the arm now sits too low to reach; which spring, and in tune in two passes."),
    QT_TRANSLATE_NOOP("Bundled", "Four, 45 to 90 short scale"),
    QT_TRANSLATE_NOOP("Bundled", "Four, 40 to 95"),
    QT_TRANSLATE_NOOP("Bundled", "Four, 45 to 105"),
    QT_TRANSLATE_NOOP("Bundled", "Four, 45 to 105 flat-wound"),
    QT_TRANSLATE_NOOP("Bundled", "Five, 20 to 90 short scale"),
    QT_TRANSLATE_NOOP("Bundled", "Five, 45 to 130"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 8.5 to 40"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 9 to 42"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 9 to 46"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 9.5 to 44"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 10 to 46"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 10 to 52"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 10 to 56"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 10.5 to 48"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 11 to 48"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 11 to 49"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 11 to 54"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 12 to 54"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 12 to 54 with a wound third"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 12 to 60"),
    QT_TRANSLATE_NOOP("Bundled", "Six, baritone 13 to 68"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 10 to 46 flat-wound"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 11 to 50 flat-wound"),
    QT_TRANSLATE_NOOP("Bundled", "Six, 12 to 52 flat-wound"),
    QT_TRANSLATE_NOOP("Bundled", "Seven, 9 to 54"),
    QT_TRANSLATE_NOOP("Bundled", "Seven, 9.5 to 58"),
    QT_TRANSLATE_NOOP("Bundled", "Seven, 10 to 56"),
    QT_TRANSLATE_NOOP("Bundled", "Seven, 10 to 59"),
    QT_TRANSLATE_NOOP("Bundled", "Seven, 10 to 60"),
    QT_TRANSLATE_NOOP("Bundled", "Seven, 10 to 62"),
    QT_TRANSLATE_NOOP("Bundled", "Seven, 10.5 to 66"),
    QT_TRANSLATE_NOOP("Bundled", "Eight, 9 to 65"),
    QT_TRANSLATE_NOOP("Bundled", "Eight, 9.5 to 74"),
    QT_TRANSLATE_NOOP("Bundled", "Eight, 10 to 74"),
    QT_TRANSLATE_NOOP("Bundled", "Eight, 10 to 80"),
    QT_TRANSLATE_NOOP("Bundled", "Eight, 11 to 80"),
    QT_TRANSLATE_NOOP("Bundled", "Nine, 9 to 90"),
    QT_TRANSLATE_NOOP("Bundled", "Ten, five pairs 10 to 38"),
    QT_TRANSLATE_NOOP("Bundled", "Eleven, five pairs and one"),
    QT_TRANSLATE_NOOP("Bundled", "Twelve, six pairs 9.5 to 44"),
    QT_TRANSLATE_NOOP("Bundled", "Standard"),
    QT_TRANSLATE_NOOP("Bundled", "Standard, pairs"),
    QT_TRANSLATE_NOOP("Bundled", "Standard, one and pairs"),
    QT_TRANSLATE_NOOP("Bundled", "Standard, octave pairs"),
    QT_TRANSLATE_NOOP("Bundled", "Half step down"),
    QT_TRANSLATE_NOOP("Bundled", "Whole step down"),
    QT_TRANSLATE_NOOP("Bundled", "One and a half steps down"),
    QT_TRANSLATE_NOOP("Bundled", "Two steps down"),
    QT_TRANSLATE_NOOP("Bundled", "Baritone B"),
    QT_TRANSLATE_NOOP("Bundled", "Baritone A"),
    QT_TRANSLATE_NOOP("Bundled", "Dropped D"),
    QT_TRANSLATE_NOOP("Bundled", "Dropped C"),
    QT_TRANSLATE_NOOP("Bundled", "Dropped B"),
    QT_TRANSLATE_NOOP("Bundled", "Dropped A"),
    QT_TRANSLATE_NOOP("Bundled", "Dropped G"),
    QT_TRANSLATE_NOOP("Bundled", "Dropped E"),
    QT_TRANSLATE_NOOP("Bundled", "Open D"),
    QT_TRANSLATE_NOOP("Bundled", "Open G"),
    QT_TRANSLATE_NOOP("Bundled", "Open E"),
    QT_TRANSLATE_NOOP("Bundled", "Open A"),
    QT_TRANSLATE_NOOP("Bundled", "Open C"),
    QT_TRANSLATE_NOOP("Bundled", "Open G, seven"),
    QT_TRANSLATE_NOOP("Bundled", "D minor open"),
    QT_TRANSLATE_NOOP("Bundled", "D A D G A D"),
    QT_TRANSLATE_NOOP("Bundled", "Ten single strings"),
    QT_TRANSLATE_NOOP("Bundled", "plain"),
    QT_TRANSLATE_NOOP("Bundled", "nickel-plated wound"),
    QT_TRANSLATE_NOOP("Bundled", "stainless wound"),
    QT_TRANSLATE_NOOP("Bundled", "pure nickel wound"),
    QT_TRANSLATE_NOOP("Bundled", "flat-wound"),
};

} // namespace

QString bundledWords(const QString& text) {
    if (text.isEmpty())
        return text;
    const auto gap = text.indexOf(QLatin1Char(' '));
    if (text.startsWith(QLatin1Char('.')) && gap > 0) // a single string: its gauge, then what it is made of
        return text.left(gap + 1) + bundledWords(text.mid(gap + 1));
    return QCoreApplication::translate("Bundled", text.toUtf8().constData());
}

QStringList bundledAs(const QString& word) {
    constexpr int least = 3; // letters: of fewer half of all sentences have some
    QStringList names;
    if (word.size() < least)
        return names;
    for (const char* sentence : sentences) {
        const QString name = QString::fromUtf8(sentence), shown = bundledWords(name);
        if (shown != name && shown.contains(word, Qt::CaseInsensitive))
            names.append(name.toLower());
    }
    return names;
}

} // namespace flenzo
