// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/methods/methods.h"

#include <QCoreApplication>
#include <algorithm>

namespace flenzo {

namespace {

struct MethodTopicsWords {
    Q_DECLARE_TR_FUNCTIONS(MethodTopics)
};

} // namespace

/// In the order in which the work comes to them.
const QList<MethodTopic>& methodTopics() {
    static const QList<MethodTopic> list{
        {"atOnce",
         QT_TRANSLATE_NOOP("MethodTopics", "Strings off"),
         {{"all", QT_TRANSLATE_NOOP("MethodTopics", "all off at once"),
           QT_TRANSLATE_NOOP("MethodTopics", "faster, and the fretboard can be cleaned")},
          {"one", QT_TRANSLATE_NOOP("MethodTopics", "one by one"),
           QT_TRANSLATE_NOOP("MethodTopics", "bridge and neck keep their load")}}},
        {"bridge",
         QT_TRANSLATE_NOOP("MethodTopics", "Bridge"),
         {{"floats", QT_TRANSLATE_NOOP("MethodTopics", "floats"),
           QT_TRANSLATE_NOOP("MethodTopics", "the arm moves both ways; pulling up re-seats the bridge")},
          {"decked", QT_TRANSLATE_NOOP("MethodTopics", "rests on the body"),
           QT_TRANSLATE_NOOP("MethodTopics", "a broken string leaves the others in tune; dives only")}}},
        {"caps",
         QT_TRANSLATE_NOOP("MethodTopics", "Nut caps"),
         {{"off", QT_TRANSLATE_NOOP("MethodTopics", "off, laid out in order"),
           QT_TRANSLATE_NOOP("MethodTopics", "the strings lie free")},
          {"loosened", QT_TRANSLATE_NOOP("MethodTopics", "only loosened"),
           QT_TRANSLATE_NOOP("MethodTopics", "none is lost or swapped; each string is threaded under its cap")}}},
        {"capOrder",
         QT_TRANSLATE_NOOP("MethodTopics", "Cap order"),
         {{"own", QT_TRANSLATE_NOOP("MethodTopics", "each back in its own place"),
           QT_TRANSLATE_NOOP("MethodTopics", "it has worn a groove of its own")},
          {"any", QT_TRANSLATE_NOOP("MethodTopics", "as they come to hand"),
           QT_TRANSLATE_NOOP("MethodTopics", "nothing to sort; new caps have no groove yet")}}},
        {"blockHeight",
         QT_TRANSLATE_NOOP("MethodTopics", "Block height"),
         {{"neutral", QT_TRANSLATE_NOOP("MethodTopics", "neutral"),
           QT_TRANSLATE_NOOP("MethodTopics", "nothing jumps when it comes out")},
          {"forward", QT_TRANSLATE_NOOP("MethodTopics", "a little forward"),
           QT_TRANSLATE_NOOP("MethodTopics", "goes in easily; all strings sharpen when it comes out")}}},
        {"blockOut",
         QT_TRANSLATE_NOOP("MethodTopics", "Block out"),
         {{"after", QT_TRANSLATE_NOOP("MethodTopics", "after rough tuning"),
           QT_TRANSLATE_NOOP("MethodTopics", "the bridge cannot move during the first pass")},
          {"before", QT_TRANSLATE_NOOP("MethodTopics", "before tuning"),
           QT_TRANSLATE_NOOP("MethodTopics", "no calculation needed")},
          {"each", QT_TRANSLATE_NOOP("MethodTopics", "out for a look after each string"),
           QT_TRANSLATE_NOOP("MethodTopics", "you see the plate move; refit the block each time")}}},
        {"underBlock",
         QT_TRANSLATE_NOOP("MethodTopics", "Under the block"),
         {{"aims", QT_TRANSLATE_NOOP("MethodTopics", "to aims under the block"),
           QT_TRANSLATE_NOOP("MethodTopics", "ends at pitch when the block is out")},
          {"pitch", QT_TRANSLATE_NOOP("MethodTopics", "to pitch"),
           QT_TRANSLATE_NOOP("MethodTopics", "simple; pitch jumps by as much as the block is off level")},
          {"taut", QT_TRANSLATE_NOOP("MethodTopics", "only taut"),
           QT_TRANSLATE_NOOP("MethodTopics", "no pass is spent under the block")}}},
        {"boardCare",
         QT_TRANSLATE_NOOP("MethodTopics", "Frets and fretboard"),
         {{"guard", QT_TRANSLATE_NOOP("MethodTopics", "frets with a guard only"),
           QT_TRANSLATE_NOOP("MethodTopics", "nothing touches the fretboard; needed on lacquered maple")},
          {"wool", QT_TRANSLATE_NOOP("MethodTopics", "wool along the whole fretboard"),
           QT_TRANSLATE_NOOP("MethodTopics", "quicker; dark fretboards without lacquer only")}}},
        {"ballEnd",
         QT_TRANSLATE_NOOP("MethodTopics", "Ball end"),
         {{"cut", QT_TRANSLATE_NOOP("MethodTopics", "cut off at the bridge"),
           QT_TRANSLATE_NOOP("MethodTopics", "the usual way round")},
          {"reversed", QT_TRANSLATE_NOOP("MethodTopics", "ball at the headstock"),
           QT_TRANSLATE_NOOP("MethodTopics", "one cut fewer; cannot slip at the string post")}}},
        {"slackRule",
         QT_TRANSLATE_NOOP("MethodTopics", "Slack by"),
         {{"frets", QT_TRANSLATE_NOOP("MethodTopics", "frets back at the nut"),
           QT_TRANSLATE_NOOP("MethodTopics", "counted on the fretboard")},
          {"past", QT_TRANSLATE_NOOP("MethodTopics", "length past the string post"),
           QT_TRANSLATE_NOOP("MethodTopics", "one mark on the headstock")},
          {"spacings", QT_TRANSLATE_NOOP("MethodTopics", "string post spacings"),
           QT_TRANSLATE_NOOP("MethodTopics", "the next string posts are the ruler")},
          {"bow", QT_TRANSLATE_NOOP("MethodTopics", "a bow over the fretboard"),
           QT_TRANSLATE_NOOP("MethodTopics", "the string itself is the ruler")},
          {"hands", QT_TRANSLATE_NOOP("MethodTopics", "hand widths past the string post"),
           QT_TRANSLATE_NOOP("MethodTopics", "needs nothing at all")}}},
        {"wraps",
         QT_TRANSLATE_NOOP("MethodTopics", "Wraps"),
         {{"usual", QT_TRANSLATE_NOOP("MethodTopics", "2 to 3 wound, 3 to 5 plain"),
           QT_TRANSLATE_NOOP("MethodTopics", "grip on the string post")},
          {"few", QT_TRANSLATE_NOOP("MethodTopics", "as few as hold"),
           QT_TRANSLATE_NOOP("MethodTopics", "less to settle")}}},
        {"winding",
         QT_TRANSLATE_NOOP("MethodTopics", "Winding"),
         {{"over", QT_TRANSLATE_NOOP("MethodTopics", "first turn over, rest under"),
           QT_TRANSLATE_NOOP("MethodTopics", "the string end is held between wraps")},
          {"under", QT_TRANSLATE_NOOP("MethodTopics", "all under"),
           QT_TRANSLATE_NOOP("MethodTopics", "the neatest stack")},
          {"tie", QT_TRANSLATE_NOOP("MethodTopics", "tied round itself"),
           QT_TRANSLATE_NOOP("MethodTopics",
                             "cannot slip; slow to take off again; not for fragile old string posts")}}},
        {"nutAngle",
         QT_TRANSLATE_NOOP("MethodTopics", "Nut angle"),
         {{"more", QT_TRANSLATE_NOOP("MethodTopics", "more pressure"),
           QT_TRANSLATE_NOOP("MethodTopics", "sits in the slot; locking shifts it less")},
          {"less", QT_TRANSLATE_NOOP("MethodTopics", "less pressure"),
           QT_TRANSLATE_NOOP("MethodTopics", "returns to pitch better over an open nut")}}},
        {"order",
         QT_TRANSLATE_NOOP("MethodTopics", "Order"),
         {{"lowToHigh", QT_TRANSLATE_NOOP("MethodTopics", "low to high"),
           QT_TRANSLATE_NOOP("MethodTopics", "the strongest pull first")},
          {"highToLow", QT_TRANSLATE_NOOP("MethodTopics", "high to low"),
           QT_TRANSLATE_NOOP("MethodTopics", "thin strings first")},
          {"outerPairs", QT_TRANSLATE_NOOP("MethodTopics", "outer pairs inwards"),
           QT_TRANSLATE_NOOP("MethodTopics", "even load")},
          {"backChecks", QT_TRANSLATE_NOOP("MethodTopics", "low to high with back-checks"),
           QT_TRANSLATE_NOOP("MethodTopics", "exactly; retune finished strings as others come up")}}},
        {"overshoot",
         QT_TRANSLATE_NOOP("MethodTopics", "Tune"),
         {{"aims", QT_TRANSLATE_NOOP("MethodTopics", "to calculated aims"),
           QT_TRANSLATE_NOOP("MethodTopics", "tune each so that all end at pitch")},
          {"exact", QT_TRANSLATE_NOOP("MethodTopics", "exactly, pass after pass"),
           QT_TRANSLATE_NOOP("MethodTopics", "needs no figures but the tuner's")},
          {"feel", QT_TRANSLATE_NOOP("MethodTopics", "the first one sharp by feel, then exactly"),
           QT_TRANSLATE_NOOP("MethodTopics", "the first one loses most")}}},
        {"stretching",
         QT_TRANSLATE_NOOP("MethodTopics", "Stretching"),
         {{"along", QT_TRANSLATE_NOOP("MethodTopics", "gently along the whole length"),
           QT_TRANSLATE_NOOP("MethodTopics", "no kink, and it settles everywhere")},
          {"hard", QT_TRANSLATE_NOOP("MethodTopics", "hard"),
           QT_TRANSLATE_NOOP("MethodTopics", "fewer pulls; a kink ruins the string")},
          {"ends", QT_TRANSLATE_NOOP("MethodTopics", "only at both ends"),
           QT_TRANSLATE_NOOP("MethodTopics", "spares the speaking length; the bridge end settles in play")}}},
        {"stretchWhen",
         QT_TRANSLATE_NOOP("MethodTopics", "Stretch"),
         {{"all", QT_TRANSLATE_NOOP("MethodTopics", "after all are on"),
           QT_TRANSLATE_NOOP("MethodTopics", "one pass for everything")},
          {"each", QT_TRANSLATE_NOOP("MethodTopics", "each string as it comes on"),
           QT_TRANSLATE_NOOP("MethodTopics", "what is stretched first needs less later")}}},
        {"levelWhen",
         QT_TRANSLATE_NOOP("MethodTopics", "Level judged"),
         {{"settled", QT_TRANSLATE_NOOP("MethodTopics", "when all are tuned and settled"),
           QT_TRANSLATE_NOOP("MethodTopics", "an earlier reading would not last")},
          {"each", QT_TRANSLATE_NOOP("MethodTopics", "after each string"),
           QT_TRANSLATE_NOOP("MethodTopics", "shows movement, not the final position")}}},
        {"clawStep",
         QT_TRANSLATE_NOOP("MethodTopics", "Claw"),
         {{"single", QT_TRANSLATE_NOOP("MethodTopics", "as calculated, each screw by itself"),
           QT_TRANSLATE_NOOP("MethodTopics", "turning one screw halves the adjustment")},
          {"both", QT_TRANSLATE_NOOP("MethodTopics", "as calculated, both screws alike"),
           QT_TRANSLATE_NOOP("MethodTopics", "the claw stays parallel")},
          {"quarters", QT_TRANSLATE_NOOP("MethodTopics", "quarter turns and a look"),
           QT_TRANSLATE_NOOP("MethodTopics", "no figures, only your eye")},
          {"coarse", QT_TRANSLATE_NOOP("MethodTopics", "whole turns, then quarters"),
           QT_TRANSLATE_NOOP("MethodTopics", "near at once, then by the eye")}}},
        {"clawSlack",
         QT_TRANSLATE_NOOP("MethodTopics", "Claw turned"),
         {{"pitch", QT_TRANSLATE_NOOP("MethodTopics", "with the strings at pitch"),
           QT_TRANSLATE_NOOP("MethodTopics", "nothing is tuned twice")},
          {"slackened", QT_TRANSLATE_NOOP("MethodTopics", "strings slackened first"),
           QT_TRANSLATE_NOOP("MethodTopics", "screws turn easily and the wood is spared")}}},
        {"finePreset",
         QT_TRANSLATE_NOOP("MethodTopics", "Fine tuners"),
         {{"middle", QT_TRANSLATE_NOOP("MethodTopics", "to the middle"),
           QT_TRANSLATE_NOOP("MethodTopics", "travel both ways")},
          {"nearlyOut", QT_TRANSLATE_NOOP("MethodTopics", "nearly out"),
           QT_TRANSLATE_NOOP("MethodTopics", "more travel to sharpen, which playing needs")},
          {"allOut", QT_TRANSLATE_NOOP("MethodTopics", "all out"),
           QT_TRANSLATE_NOOP("MethodTopics", "all the travel there is to sharpen, none to flatten")}}},
        {"lockWhen",
         QT_TRANSLATE_NOOP("MethodTopics", "Lock"),
         {{"tuned", QT_TRANSLATE_NOOP("MethodTopics", "once in tune"),
           QT_TRANSLATE_NOOP("MethodTopics", "sooner done")},
          {"played", QT_TRANSLATE_NOOP("MethodTopics", "after bends and playing"),
           QT_TRANSLATE_NOOP("MethodTopics", "what still settles does so before locking")}}},
        {"trim",
         QT_TRANSLATE_NOOP("MethodTopics", "String ends"),
         {{"after", QT_TRANSLATE_NOOP("MethodTopics", "trimmed after stretching"),
           QT_TRANSLATE_NOOP("MethodTopics", "a string that slips can still be wound on")},
          {"before", QT_TRANSLATE_NOOP("MethodTopics", "trimmed before tuning"),
           QT_TRANSLATE_NOOP("MethodTopics", "no ends in the way")}}},
        {"tail",
         QT_TRANSLATE_NOOP("MethodTopics", "String ends, how long"),
         {{"flush", QT_TRANSLATE_NOOP("MethodTopics", "flush at the string post"),
           QT_TRANSLATE_NOOP("MethodTopics", "nothing to catch on")},
          {"bent", QT_TRANSLATE_NOOP("MethodTopics", "2 mm, bent in"),
           QT_TRANSLATE_NOOP("MethodTopics", "holds one turn more")},
          {"long", QT_TRANSLATE_NOOP("MethodTopics", "1 cm"),
           QT_TRANSLATE_NOOP("MethodTopics", "there is something to pull at if it slips")}}},
        {"cover",
         QT_TRANSLATE_NOOP("MethodTopics", "Back cover"),
         {{"needed", QT_TRANSLATE_NOOP("MethodTopics", "off only if the claw moves"),
           QT_TRANSLATE_NOOP("MethodTopics", "the cover stays on if not needed")},
          {"start", QT_TRANSLATE_NOOP("MethodTopics", "off at the start"),
           QT_TRANSLATE_NOOP("MethodTopics", "claw and springs in sight")}}},
        {"finalTune",
         QT_TRANSLATE_NOOP("MethodTopics", "Final tune"),
         {{"playing", QT_TRANSLATE_NOOP("MethodTopics", "held as it is played"),
           QT_TRANSLATE_NOOP("MethodTopics", "tuned as the player hears it")},
          {"bench", QT_TRANSLATE_NOOP("MethodTopics", "on the bench, with the offset"),
           QT_TRANSLATE_NOOP("MethodTopics", "no lifting; the program says what to leave")}}},
    };
    return list;
}

const MethodTopic* methodTopic(const QString& name) {
    const auto& all = methodTopics();
    const auto at = std::find_if(all.begin(), all.end(), [&](const MethodTopic& topic) { return topic.name == name; });
    return at == all.end() ? nullptr : &*at;
}

QString MethodTopic::title() const {
    return MethodTopicsWords::tr(plainTitle);
}

QString MethodOption::title() const {
    return MethodTopicsWords::tr(plainTitle);
}

QString MethodOption::reason() const {
    return MethodTopicsWords::tr(plainReason);
}

bool MethodTopic::has(const QString& option) const {
    return std::any_of(options.begin(), options.end(), [&](const MethodOption& one) { return one.name == option; });
}

} // namespace flenzo
