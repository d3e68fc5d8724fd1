// SPDX-License-Identifier: GPL-3.0-or-later
#include "domain/methods.h"

#include <QCoreApplication>
#include <algorithm>

namespace flenzo {

namespace {

struct PegPlan {
    const char *name, *title, *reason;
};
struct Topic {
    const char *name, *title;
    std::vector<PegPlan> ways;
};

/// In the order in which the work comes to them.
const std::vector<Topic>& topics() {
    static const std::vector<Topic> list{
        {"atOnce",
         "Strings off",
         {{"all", "all off over a block", "faster, and the board can be cleaned"},
          {"one", "one by one", "the bridge stays where it is"}}},
        {"bridge",
         "Bridge",
         {{"floats", "floats", "goes both ways, and a pull-up seats it again"},
          {"decked", "rests on the body", "a broken string leaves the others in tune; dives only"}}},
        {"caps",
         "Nut caps",
         {{"off", "off, laid out in order", "the strings lie free"},
          {"loosened", "only loosened", "none is lost or swapped; each string is threaded under its cap"}}},
        {"capOrder",
         "Cap order",
         {{"own", "each back in its own place", "it has worn a groove of its own"},
          {"any", "as they come to hand", "nothing to sort; new caps have no groove yet"}}},
        {"blockHeight",
         "Block height",
         {{"neutral", "neutral", "nothing jumps when it comes out"},
          {"forward", "a little forward", "goes in easily; all strings sharpen when it comes out"}}},
        {"blockOut",
         "Block out",
         {{"after", "after rough tuning", "the first round goes to a bridge that holds still"},
          {"before", "before tuning", "nothing has to be foreseen"},
          {"each", "out for a look after each string", "the plate's way is watched; it goes in again each time"}}},
        {"underBlock",
         "Under the block",
         {{"aims", "to blocked aims", "lands at pitch when the block is out"},
          {"pitch", "to pitch", "simple; jumps by what the block stands off level"},
          {"taut", "only taut", "no round is spent under the block"}}},
        {"boardCare",
         "Frets and board",
         {{"guard", "frets with a guard only", "nothing touches the board; the one way on lacquered maple"},
          {"wool", "wool along the whole board", "quicker; dark boards without lacquer only"}}},
        {"ballEnd",
         "Ball end",
         {{"cut", "cut off at the bridge", "the usual way round"},
          {"reversed", "ball at the headstock", "one cut fewer, cannot slip at the post"}}},
        {"slackRule",
         "Slack by",
         {{"frets", "frets back at the nut", "seen at once on the board"},
          {"past", "length past the post", "one mark on the headstock"},
          {"spacings", "post spacings", "the next posts are the ruler"},
          {"bow", "a bow over the board", "the string itself is the ruler"},
          {"hands", "fingers under the string", "needs nothing at all"}}},
        {"wraps",
         "Wraps",
         {{"usual", "2 to 3 wound, 3 to 5 plain", "grip on the post"}, {"few", "as few as hold", "less to settle"}}},
        {"winding",
         "Winding",
         {{"over", "first turn over, rest under", "the tail is held between turns"},
          {"under", "all under", "the neatest stack"},
          {"tie", "tied round itself", "cannot slip; slow to take off again, and nothing for fragile old posts"}}},
        {"nutAngle",
         "Nut angle",
         {{"more", "more pressure", "sits in the slot; locking shifts it less"},
          {"less", "less pressure", "returns to pitch better over an open nut"}}},
        {"order",
         "Order",
         {{"lowToHigh", "low to high", "the strongest pull first"},
          {"highToLow", "high to low", "thin strings before the plate has moved far"},
          {"outerPairs", "outer pairs inwards", "even load on the plate"},
          {"backChecks", "low to high with back-checks",
           "exactly, each string done brought back while the next ones come"}}},
        {"overshoot",
         "Tune",
         {{"aims", "to computed aims", "each string to where it has to be for all to land"},
          {"exact", "exactly, round after round", "needs no figures but the tuner's"},
          {"feel", "the first one sharp by feel, then exactly", "the first one loses most"}}},
        {"stretching",
         "Stretching",
         {{"along", "gently along the whole length", "no kink, and it settles everywhere"},
          {"hard", "hard", "fewer pulls; a kink ruins the string"},
          {"ends", "only at post and nut", "spares the speaking length; leaves the ball end to settle in play"}}},
        {"stretchWhen",
         "Stretch",
         {{"all", "after all are on", "one round for everything"},
          {"each", "each string as it comes on", "what is stretched first needs less later"}}},
        {"levelWhen",
         "Level judged",
         {{"settled", "when all are tuned and settled", "only then does it stay what it is"},
          {"each", "after each string", "the plate's way is seen early, never its end"}}},
        {"clawStep",
         "Claw",
         {{"single", "as computed, each screw by itself", "half the step of both together"},
          {"both", "as computed, both screws alike", "the claw stays parallel"},
          {"quarters", "quarter turns and a look", "nothing has to be trusted but the eye"},
          {"coarse", "whole turns, then quarters", "near at once, then by the eye"}}},
        {"clawSlack",
         "Claw turned",
         {{"pitch", "with the strings at pitch", "nothing is tuned twice"},
          {"slackened", "strings slackened first", "screws turn easily and the wood is spared"}}},
        {"finePreset",
         "Fine tuners",
         {{"middle", "to the middle", "room both ways"},
          {"nearlyOut", "nearly out", "more room to sharpen, which play asks for"},
          {"allOut", "all out", "all the room there is to sharpen, none to flatten"}}},
        {"lockWhen",
         "Lock",
         {{"tuned", "once in tune", "sooner done"},
          {"played", "after bends and playing", "what still settles does so before the caps close"}}},
        {"trim",
         "Tails",
         {{"after", "trimmed after stretching", "a string that slips can still be wound on"},
          {"before", "trimmed before tuning", "no ends in the way"}}},
        {"tail",
         "Tail length",
         {{"flush", "flush at the post", "nothing to catch on"},
          {"bent", "2 mm, bent in", "holds one turn more"},
          {"long", "1 cm", "there is something to pull at if it slips"}}},
        {"cover",
         "Cavity cover",
         {{"needed", "off only if the claw moves", "nothing undone for nothing"},
          {"start", "off at the start", "claw and springs in sight"}}},
        {"finalTune",
         "Final tune",
         {{"playing", "held as it is played", "what the player hears is what was tuned"},
          {"bench", "on the bench, with the offset", "no lifting; the program says what to leave"}}},
    };
    return list;
}

QString tr(const char* text) {
    return QCoreApplication::translate("Schools", text);
}

} // namespace

const QList<MethodTopic>& methodTopics() {
    static const QList<MethodTopic> list = [] {
        QList<MethodTopic> made;
        for (const Topic& topic : topics()) {
            MethodTopic one{QLatin1String(topic.name), tr(topic.title), {}};
            for (const PegPlan& way : topic.ways)
                one.options.append({QLatin1String(way.name), tr(way.title), tr(way.reason)});
            made.append(one);
        }
        return made;
    }();
    return list;
}

const MethodTopic* methodTopic(const QString& name) {
    const auto& all = methodTopics();
    const auto at = std::find_if(all.begin(), all.end(), [&](const MethodTopic& topic) { return topic.name == name; });
    return at == all.end() ? nullptr : &*at;
}

bool MethodTopic::has(const QString& option) const {
    return std::any_of(options.begin(), options.end(), [&](const MethodOption& one) { return one.name == option; });
}

} // namespace flenzo
