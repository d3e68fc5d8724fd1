// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/card_json.h"

#include "core/base/units.h"
#include "domain/base/ranges.h"
#include "store/names.h"
#include "store/rig_json.h"

#include <QJsonArray>
#include <QRegularExpression>

namespace flenzo {

namespace {

constexpr Named<Tuners> tunerNames[] = {{Tuners::ThroughHole, "throughHole"},
                                        {Tuners::Slotted, "slotted"},
                                        {Tuners::Locking, "locking"},
                                        {Tuners::AtBridge, "atBridge"}};
constexpr Named<Headstock> headNames[] = {
    {Headstock::OneSide, "oneSide"}, {Headstock::Split, "split"}, {Headstock::None, "none"}};
constexpr Named<Nut> nutNames[] = {{Nut::Open, "open"}, {Nut::Caps, "caps"}, {Nut::ClampPerString, "clampPerString"}};
constexpr Named<Board> boardNames[] = {
    {Board::DarkUnlacquered, "darkUnlacquered"}, {Board::Maple, "maple"}, {Board::Other, "other"}};

constexpr Named<ArmUse> armNames[] = {
    {ArmUse::NotSaid, "notSaid"}, {ArmUse::Used, "used"}, {ArmUse::NotUsed, "notUsed"}};

constexpr Named<ArmFeel> feelNames[] = {
    {ArmFeel::AsItIs, "asItIs"}, {ArmFeel::Softer, "softer"}, {ArmFeel::Stiffer, "stiffer"}};

constexpr Named<Sweat> sweatNames[] = {{Sweat::Little, "little"}, {Sweat::Usual, "usual"}, {Sweat::Much, "much"}};

constexpr qsizetype cardWordsLength = 4000;

/// One depth or two in millimetres, bass side first; false where the words are something else.
bool takeDepth(Card& card, const QString& words) {
    static const QRegularExpression shape(QStringLiteral(
        "^\\s*(\\d+(?:[.,]\\d+)?)\\s*(?:mm)?(?:\\s*[/;,-]?\\s+|\\s*[/;]\\s*)?(\\d+(?:[.,]\\d+)?)?\\s*(?:mm)?\\s*$"));
    const auto match = shape.match(words);
    if (!match.hasMatch())
        return false;
    const auto length_m = [&](int group) {
        return match.captured(group).replace(QLatin1Char(','), QLatin1Char('.')).toDouble() * metresPerMm;
    };
    const auto fits = [](double depth_m) {
        return depth_m >= ranges::clawDepth_mm.least * metresPerMm &&
               depth_m <= ranges::clawDepth_mm.most * metresPerMm;
    };
    const double bass_m = length_m(1), treble_m = match.capturedLength(2) > 0 ? length_m(2) : bass_m;
    if (!fits(bass_m) || !fits(treble_m))
        return false;
    card.clawDepth = {bass_m, treble_m};
    return true;
}

} // namespace

Card cardFromJson(Fields fields) {
    Card card;
    card.tuners = readNamed(fields, "tuners", tunerNames, card.tuners);
    card.headstock = readNamed(fields, "headstock", headNames, card.headstock);
    card.nut = readNamed(fields, "nut", nutNames, card.nut);
    card.board = readNamed(fields, "board", boardNames, card.board);
    card.leftHanded = fields.flag("leftHanded", false);
    card.retainerBar = fields.flag("retainerBar", false);
    card.stringTree = fields.flag("stringTree", false);
    card.cavityCover = fields.flag("cavityCover", true);
    card.block = fields.text("block", 200);
    card.levelMark = fields.text("levelMark", 200);
    card.springSlots = fields.text("springSlots", 200);
    card.contact = fields.text("contact", 200);
    Fields keys = fields.part("keys");
    for (const QString& key : keys.names())
        card.keys[key] = keys.text(key, cardWordsLength);
    const auto length = [](Fields& from, const char* name, const Range& range) {
        const QString member = QLatin1String(name);
        return from.has(member) ? std::optional(from.number(member, range) * metresPerMm) : std::nullopt;
    };
    card.clawDepth = {length(fields, "clawDepthBassMm", ranges::clawBegan_mm),
                      length(fields, "clawDepthTrebleMm", ranges::clawBegan_mm)};
    card.feel = readNamed(fields, "armFeel", feelNames, card.feel);
    card.arm = readNamed(fields, "arm", armNames, card.arm);
    card.wishBass_m = length(fields, "wishBassMm", ranges::action_mm);
    card.wishTreble_m = length(fields, "wishTrebleMm", ranges::action_mm);
    Fields head = fields.part("head");
    card.head = {length(head, "postMm", ranges::post_mm),         length(head, "firstPostMm", ranges::tail_mm),
                 length(head, "spacingMm", ranges::spacing_mm),   length(head, "clampedMm", ranges::clamped_mm),
                 length(head, "treeAwayMm", ranges::treeAway_mm), length(head, "treeDropMm", ranges::treeDrop_mm)};
    Fields replaced = fields.part("replaced");
    for (const QString& part : replaced.names())
        if (const QDate on = replaced.date(part); on.isValid())
            card.replaced[part] = on;
    card.clampShift_cents = fields.numbers("clampShiftCents", maxStrings, ranges::reading_cents);
    card.photos = fields.texts("photos", 200, cardWordsLength);
    card.notes = fields.text("notes", cardWordsLength);
    // Older files hold the claw's depth as words.
    if (const QString depth = fields.text("clawDepth", 200).trimmed(); !depth.isEmpty() && !takeDepth(card, depth))
        card.notes = (card.notes + QLatin1Char('\n') + depth).trimmed().left(cardWordsLength);
    Fields playing = fields.part("playing");
    card.playing.hoursAWeek = playing.number("hoursAWeek", ranges::hoursAWeek, 0.0);
    card.playing.gigsAWeek = playing.number("gigsAWeek", ranges::gigsAWeek, 0.0);
    card.playing.months = static_cast<int>(playing.number("months", ranges::monthsBetween, 0.0));
    card.playing.sweat = readNamed(playing, "sweat", sweatNames, Sweat::Usual);
    card.playing.coated = playing.flag("coated", false);
    return card;
}

QJsonObject cardToJson(const Card& card) {
    QJsonObject keys;
    for (auto key = card.keys.begin(); key != card.keys.end(); ++key)
        keys[key.key()] = key.value();
    QJsonObject head, replaced;
    for (const auto& [name, length_m] : {std::pair("postMm", card.head.post_m),
                                         {"firstPostMm", card.head.firstPost_m},
                                         {"spacingMm", card.head.spacing_m},
                                         {"clampedMm", card.head.clamped_m},
                                         {"treeAwayMm", card.head.treeAway_m},
                                         {"treeDropMm", card.head.treeDrop_m}})
        if (length_m)
            head[QLatin1String(name)] = *length_m / metresPerMm;
    for (auto part = card.replaced.begin(); part != card.replaced.end(); ++part)
        replaced[part.key()] = part.value().toString(Qt::ISODate);
    QJsonArray shifts;
    for (const double shift : card.clampShift_cents)
        shifts.append(shift);
    QJsonObject json{
        {QStringLiteral("tuners"), nameOf(tunerNames, card.tuners)},
        {QStringLiteral("headstock"), nameOf(headNames, card.headstock)},
        {QStringLiteral("nut"), nameOf(nutNames, card.nut)},
        {QStringLiteral("board"), nameOf(boardNames, card.board)},
        {QStringLiteral("leftHanded"), card.leftHanded},
        {QStringLiteral("retainerBar"), card.retainerBar},
        {QStringLiteral("stringTree"), card.stringTree},
        {QStringLiteral("cavityCover"), card.cavityCover},
        {QStringLiteral("block"), card.block},
        {QStringLiteral("levelMark"), card.levelMark},
        {QStringLiteral("springSlots"), card.springSlots},
        {QStringLiteral("contact"), card.contact},
        {QStringLiteral("keys"), keys},
        {QStringLiteral("arm"), nameOf(armNames, card.arm)},
        {QStringLiteral("head"), head},
        {QStringLiteral("replaced"), replaced},
        {QStringLiteral("clampShiftCents"), shifts},
        {QStringLiteral("photos"), QJsonArray::fromStringList(card.photos)},
        {QStringLiteral("notes"), card.notes},
        {QStringLiteral("playing"), QJsonObject{{QStringLiteral("hoursAWeek"), card.playing.hoursAWeek},
                                                {QStringLiteral("gigsAWeek"), card.playing.gigsAWeek},
                                                {QStringLiteral("months"), card.playing.months},
                                                {QStringLiteral("sweat"), nameOf(sweatNames, card.playing.sweat)},
                                                {QStringLiteral("coated"), card.playing.coated}}}};
    if (card.feel != ArmFeel::AsItIs)
        json[QLatin1String("armFeel")] = nameOf(feelNames, card.feel);
    for (const auto& [name, length_m] : {std::pair("wishBassMm", card.wishBass_m),
                                         {"wishTrebleMm", card.wishTreble_m},
                                         {"clawDepthBassMm", card.clawDepth.bass_m},
                                         {"clawDepthTrebleMm", card.clawDepth.treble_m}})
        if (length_m)
            json[QLatin1String(name)] = *length_m / metresPerMm;
    return json;
}

} // namespace flenzo
