// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/setup/friction.h"

#include <QDate>
#include <QDateTime>
#include <QList>
#include <QMap>
#include <QSet>
#include <QStringList>
#include <array>
#include <optional>
#include <vector>

namespace flenzo {

/// One thing said about a step of the work, in order of time.
struct StepRecord {
    enum class What {
        Done,
        Skipped,   ///< `text` says why
        Reopened,  ///< gone back to: whatever was said of it before no longer counts
        Overruled, ///< a warning at this step was passed over; `text` says why
        Note,
        Photo, ///< `text` is the file
        Take   ///< a recording of the strings; `text` is the file
    };
    QString step; ///< the step's name in the workflow
    What what = What::Done;
    QString text;
    QString at; ///< ISO 8601
    bool operator==(const StepRecord&) const = default;
};

/// What one job keeps of return tests; the oldest goes first.
inline constexpr qsizetype mostReturns = 200;

/// A return-to-pitch test as it was read.
struct ReturnReadings {
    QString at; ///< ISO 8601
    ReturnTest test;
    bool operator==(const ReturnReadings&) const = default;
};

/// What one job keeps of readings that tell whether it held.
inline constexpr qsizetype mostHeld = 20;

/// How a guitar was found when nobody had touched it: as it came in, as it left, or some time after.
struct HeldReading {
    enum class When { CameIn, Left, Later };
    When when = When::Later;
    QString at;                ///< ISO 8601
    std::vector<double> cents; ///< from the pitch of the set that was on, in document order
    std::optional<double> temperature_C, humidity_percent;
    bool operator==(const HeldReading&) const = default;
};

/// Where a string broke.
enum class BreakPlace { NotSaid, Saddle, BallEnd, Between, Nut, StringPost };
inline constexpr std::array breakPlaces{BreakPlace::NotSaid, BreakPlace::Saddle, BreakPlace::BallEnd,
                                        BreakPlace::Between, BreakPlace::Nut,    BreakPlace::StringPost};

/// Where a job stands for the shop.
enum class JobState { Waiting, OnBench, Finished };

/// What the owner was offered, in whole hundredths of the shop's money.
struct Offer {
    qint64 labourLeast_minor = 0, labourMost_minor = 0; ///< by the minutes that are right for 8 of 10 guitars
    qint64 parts_minor = 0;
    QString before, after; ///< the shop's word for its money, on its side of the number
    bool operator==(const Offer&) const = default;
};

/// The job around the balance: how it is done, how far it is, what comes after.
struct Work {
    JobState state = JobState::OnBench;
    QMap<QString, QString> methods; ///< topic -> chosen way; a topic that is missing is done as the shop does it
    QSet<QString> extras;           ///< "clean", "polish", "oil", "intonate", "height", "relief", "overnight"
    [[nodiscard]] bool wants(const char* extra) const { return extras.contains(QLatin1String(extra)); }
    QList<StepRecord> records;
    QMap<QString, QStringList> ticks;   ///< step -> things ticked off at it, as its form names them
    QMap<QString, double> usualMinutes; ///< step -> what it took in this shop's earlier jobs; missing: assumed
    QList<ReturnReadings> returns;      ///< in order of time
    QList<HeldReading> held;            ///< in order of time
    std::optional<double> reliefFound_m, reliefLeft_m; ///< of the neck, at pitch; minus: it bends back
    std::optional<std::size_t> broken;                 ///< the job is this one string alone, which broke
    BreakPlace brokeAt = BreakPlace::NotSaid;
    QString parts, followUps, ownersNote;
    QDate received, due; ///< due: the next restring
    QDateTime promised;  ///< when its owner was told to come; invalid: nobody said
    QDateTime notBefore; ///< what has to come, dry or be decided first; invalid: nothing
    QDate checkOn;       ///< does it still drift? Empty once somebody looked
    std::optional<Offer> offer;
    QString technician; ///< who did it
    bool operator==(const Work&) const = default;
};

} // namespace flenzo
