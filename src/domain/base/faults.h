// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/base/fault.h"

#include <QtGlobal>

/// Everything that can be wrong with what is typed, read from files or asked of a job.
namespace flenzo::faults {

// Sound
inline constexpr FaultCode notSound{
    QT_TRANSLATE_NOOP("Fault", "is no sound that can be read; record or export it as WAV or FLAC")};
inline constexpr FaultCode soundRate{
    QT_TRANSLATE_NOOP("Fault", "has a sample rate outside 8 to 192 kHz; export it at 44.1 or 48 kHz")};
inline constexpr FaultCode soundChannels{
    QT_TRANSLATE_NOOP("Fault", "has no channels or more than %1; export it with one or two")};
inline constexpr FaultCode noSound{QT_TRANSLATE_NOOP("Fault", "holds no sound; record it again")};
inline constexpr FaultCode soundTooLong{
    QT_TRANSLATE_NOOP("Fault", "holds more sound than is read at once; cut it to the part that matters")};
inline constexpr FaultCode soundNoNumbers{
    QT_TRANSLATE_NOOP("Fault", "holds samples that are no numbers; record or export it again")};
inline constexpr FaultCode soundCutShort{
    QT_TRANSLATE_NOOP("Fault", "is cut short: it says that it holds more sound than it does; copy or record it again")};

// Typed readings and figures
inline constexpr FaultCode noReading{QT_TRANSLATE_NOOP(
    "Fault", "\"%1\" is not understood; type cents like -12.5, a frequency like 82.4 Hz, or a note like E2+12")};
inline constexpr FaultCode readingTooFar{QT_TRANSLATE_NOOP(
    "Fault", "is %1 cents from the target, further than any string on its way; check octave and string")};
inline constexpr FaultCode readingUnlikely{
    QT_TRANSLATE_NOOP("Fault", "of %1 cents for string %2 is %3 semitones from the expected %4; check string and "
                               "octave, or type it again with ! behind it")};
inline constexpr FaultCode readingOfNoString{
    QT_TRANSLATE_NOOP("Fault", "is for string %1, which this guitar does not have")};
inline constexpr FaultCode readingWithoutString{
    QT_TRANSLATE_NOOP("Fault", "has no string; write it as 4=-3.1 or pick a string first")};
inline constexpr FaultCode readingMissing{
    QT_TRANSLATE_NOOP("Fault", "is still missing; type what the tuner or the gauge says and press Enter")};
inline constexpr FaultCode gapBeyondStops{
    QT_TRANSLATE_NOOP("Fault", "of %1 is beyond the bridge's stops, %2 to %3; measure again or correct the figures")};
inline constexpr FaultCode angleTooFar{QT_TRANSLATE_NOOP(
    "Fault", "is further than any plate goes; it is read against the top, in degrees, forward positive")};
inline constexpr FaultCode noRate{
    QT_TRANSLATE_NOOP("Fault", "\"%1\" is no rate; type a number with your money's name, like 60 EUR")};
inline constexpr FaultCode angleNeedsClaw{
    QT_TRANSLATE_NOOP("Fault", "is read on a plate with a claw only; this bridge is followed by its strings")};
inline constexpr FaultCode noClaw{QT_TRANSLATE_NOOP("Fault", "cannot be turned: this bridge has none")};
inline constexpr FaultCode notQuantity{QT_TRANSLATE_NOOP("Fault", "\"%1\" is not understood; type it like %2")};
inline constexpr FaultCode outOfRange{QT_TRANSLATE_NOOP("Fault", "must lie between %1 and %2: %3")};
inline constexpr FaultCode notInCatalogue{QT_TRANSLATE_NOOP(
    "Fault", "\"%1\" is not in the catalogue; choose one or type a gauge like 46, .046, 17p or 0.43 mm")};
inline constexpr FaultCode outsideCatalogue{
    QT_TRANSLATE_NOOP("Fault", "of %1 mm is outside the catalogue (plain .007 to .026, wound .017 to .090); choose one "
                               "of its strings or check the unit")};
inline constexpr FaultCode noSuchGauge{
    QT_TRANSLATE_NOOP("Fault", "is no string's; thickness is written like 46, .046 or 0.43 mm, check number and unit")};
inline constexpr FaultCode pitchNeedsUnit{QT_TRANSLATE_NOOP("Fault", "needs a unit: write 82.4 Hz or a note like E2")};
inline constexpr FaultCode tuningNeedsNotes{
    QT_TRANSLATE_NOOP("Fault", "holds a pitch in hertz; give every string a note to keep it by name")};

// Shop
inline constexpr FaultCode notWholePieces{QT_TRANSLATE_NOOP("Fault", "must be a whole number of pieces")};
inline constexpr FaultCode noPrice{
    QT_TRANSLATE_NOOP("Fault", "\"%1\" is no price; type a number with at most two decimals, like 12.50")};
inline constexpr FaultCode alreadyInStock{
    QT_TRANSLATE_NOOP("Fault", "is in the list already; type over its count instead")};

// Practice
inline constexpr FaultCode practiceIsOver{
    QT_TRANSLATE_NOOP("Fault", "comes too late: the exercise is over; begin it again or from one of its acts")};
inline constexpr FaultCode noSuchString{QT_TRANSLATE_NOOP("Fault", "names none of this guitar's; name one of them")};
inline constexpr FaultCode stringIsOff{QT_TRANSLATE_NOOP("Fault", "is off; put it on first")};
inline constexpr FaultCode stringIsOn{QT_TRANSLATE_NOOP("Fault", "is on already; take it off first")};
inline constexpr FaultCode actTooFar{
    QT_TRANSLATE_NOOP("Fault", "goes further than a hand would: at most 20 turns, an octave, 5 mm")};
inline constexpr FaultCode springsAreWhole{QT_TRANSLATE_NOOP("Fault", "must be a whole number from 1 to %1")};
inline constexpr FaultCode noClawHere{
    QT_TRANSLATE_NOOP("Fault", "needs a claw and a gap, and this bridge has neither")};
inline constexpr FaultCode nutHasNoCaps{QT_TRANSLATE_NOOP("Fault", "needs a nut that clamps, and this one is open")};
inline constexpr FaultCode exerciseWithoutGuitar{
    QT_TRANSLATE_NOOP("Fault", "is missing; give the guitar as a flenzo-job under \"job\" or name one under \"demo\"")};
inline constexpr FaultCode noSuchExercise{
    QT_TRANSLATE_NOOP("Fault", "is no exercise of this program and no file; there are %1")};

// What is asked of a job
inline constexpr FaultCode noStringPicked{QT_TRANSLATE_NOOP("Fault", "is not picked; press Ctrl and its number first")};
inline constexpr FaultCode blockBeyondStops{
    QT_TRANSLATE_NOOP("Fault", "would hold the plate beyond its stops; take one between them")};
inline constexpr FaultCode actIsYours{
    QT_TRANSLATE_NOOP("Fault", "is yours to choose: what is left is said above; go on by hand or leave it there")};
inline constexpr FaultCode actImpossible{
    QT_TRANSLATE_NOOP("Fault", "is impossible: this set has no stable balance; see the plan")};
inline constexpr FaultCode stillWorking{QT_TRANSLATE_NOOP("Fault", "is still being worked out; one moment")};
inline constexpr FaultCode notSimulated{
    QT_TRANSLATE_NOOP("Fault", "does not exist: this job has no simulated guitar; type readings")};
inline constexpr FaultCode noSuchDemo{QT_TRANSLATE_NOOP("Fault", "has no such guitar")};
inline constexpr FaultCode firstStep{QT_TRANSLATE_NOOP("Fault", "is the first one; there is nothing to go back to")};
inline constexpr FaultCode lastStep{QT_TRANSLATE_NOOP("Fault", "was the last one; the job is through")};
inline constexpr FaultCode reasonMissing{QT_TRANSLATE_NOOP("Fault", "is missing; say in a few words why")};
/// A step's warning holds; the argument is its sentence.
inline constexpr FaultCode warned{QT_TRANSLATE_NOOP("Fault", "%1")};
inline constexpr FaultCode noWarning{QT_TRANSLATE_NOOP("Fault", "is no warning of this step")};
inline constexpr FaultCode stringsFixed{
    QT_TRANSLATE_NOOP("Fault", "cannot change in number once the log has begun; start a new job for another guitar")};
inline constexpr FaultCode setNeedsStrings{
    QT_TRANSLATE_NOOP("Fault", "has strings that are not from the catalogue; choose or type each string first")};
inline constexpr FaultCode setCount{QT_TRANSLATE_NOOP("Fault", "has %1 gauges; this guitar has %2 strings")};
inline constexpr FaultCode setString{QT_TRANSLATE_NOOP(
    "Fault", "has \"%1\", which is no string that is sold; write thousandths like 46 or millimetres like 1.17, with p "
             "for plain, w for wound, f for flat-wound")};
inline constexpr FaultCode stringCount{QT_TRANSLATE_NOOP("Fault", "must be 4 to 12 in number")};
inline constexpr FaultCode mostSprings{QT_TRANSLATE_NOOP("Fault", "are 8 at most")};
inline constexpr FaultCode noSprings{QT_TRANSLATE_NOOP("Fault", "are all out already")};

// A guitar that contradicts itself
inline constexpr FaultCode noStrings{QT_TRANSLATE_NOOP("Fault", "is empty; a guitar has at least one string")};
inline constexpr FaultCode stopsCrossed{
    QT_TRANSLATE_NOOP("Fault", "must give the rear stop first, below the forward stop")};
inline constexpr FaultCode clawLimits{QT_TRANSLATE_NOOP("Fault", "must be more than the loosest it goes")};
inline constexpr FaultCode nameEmpty{QT_TRANSLATE_NOOP("Fault", "is empty; every string needs a number or name")};
inline constexpr FaultCode nameTwice{QT_TRANSLATE_NOOP("Fault", "is there twice; every string needs its own name")};
inline constexpr FaultCode coreTooThick{
    QT_TRANSLATE_NOOP("Fault", "is not thinner than the gauge; leave it out for a plain string")};
inline constexpr FaultCode wouldBreak{
    QT_TRANSLATE_NOOP("Fault", "is more than this wire bears: string %1 would need %2 N and breaks at about %3 N; "
                               "lower the pitch or check gauge and unit")};
inline constexpr FaultCode noLever{QT_TRANSLATE_NOOP("Fault", "is on the pivot; a spring needs a lever")};

// Members of files
inline constexpr FaultCode missing{QT_TRANSLATE_NOOP("Fault", "is missing")};
inline constexpr FaultCode numberMissing{QT_TRANSLATE_NOOP("Fault", "is missing; give a number")};
inline constexpr FaultCode notNumber{QT_TRANSLATE_NOOP("Fault", "must be a number")};
inline constexpr FaultCode numberOutOfRange{QT_TRANSLATE_NOOP("Fault", "is %1 but must lie between %2 and %3: %4")};
inline constexpr FaultCode notPair{QT_TRANSLATE_NOOP("Fault", "must be a pair [x, y]")};
inline constexpr FaultCode notText{QT_TRANSLATE_NOOP("Fault", "must be text of at most %1 characters")};
inline constexpr FaultCode notFlag{QT_TRANSLATE_NOOP("Fault", "must be true or false")};
inline constexpr FaultCode notObject{QT_TRANSLATE_NOOP("Fault", "must be an object")};
inline constexpr FaultCode notList{QT_TRANSLATE_NOOP("Fault", "must be a list")};
inline constexpr FaultCode tooMany{QT_TRANSLATE_NOOP("Fault", "has %1 entries; at most %2 are possible")};
inline constexpr FaultCode notOneOf{QT_TRANSLATE_NOOP("Fault", "must be one of %1")};
inline constexpr FaultCode notDate{QT_TRANSLATE_NOOP("Fault", "must be a date like 2026-03-31")};
inline constexpr FaultCode notMoment{QT_TRANSLATE_NOOP("Fault", "must be a time like 2026-03-31T17:00:00Z")};
inline constexpr FaultCode notNote{QT_TRANSLATE_NOOP("Fault", "holds \"%1\", which is no note like E2 or F#1")};
inline constexpr FaultCode notEveryString{QT_TRANSLATE_NOOP("Fault", "must name every string of the guitar once")};
inline constexpr FaultCode stringsUnequal{QT_TRANSLATE_NOOP("Fault", "must have as many strings as the guitar, %1")};
inline constexpr FaultCode notCovariance{
    QT_TRANSLATE_NOOP("Fault", "has a covariance that is not positive definite; leave it out to start from nominal")};
inline constexpr FaultCode namesNoString{
    QT_TRANSLATE_NOOP("Fault", "names string \"%1\", which this guitar does not have")};
inline constexpr FaultCode namesStringTwice{QT_TRANSLATE_NOOP("Fault", "names string \"%1\" twice")};
inline constexpr FaultCode orderIncomplete{
    QT_TRANSLATE_NOOP("Fault", "must name every string once; it names %1 of %2")};
inline constexpr FaultCode otherStringCount{
    QT_TRANSLATE_NOOP("Fault", "are %1; for this they must be %2, as on the other guitar")};

// Choosing a set
inline constexpr FaultCode nothingSoldForString{QT_TRANSLATE_NOOP(
    "Fault", "include number %1, and nothing in the catalogue is made as it is; give it another kind of string first")};
inline constexpr FaultCode nothingSoldBears{QT_TRANSLATE_NOOP(
    "Fault", "include number %1, for which every gauge in the catalogue would come beyond %2 % of its "
             "breaking load at this pitch; choose a lower tuning")};
inline constexpr FaultCode nothingSoldNear{
    QT_TRANSLATE_NOOP("Fault", "include number %1, for which no gauge in the catalogue pulls within %2 % of what is "
                               "wished; choose another tuning, or another guitar to follow")};
inline constexpr FaultCode nothingInDrawers{QT_TRANSLATE_NOOP(
    "Fault", "include number %1, and nothing in the drawers suits it; allow what is not there, or order it")};
inline constexpr FaultCode tooFewInDrawers{
    QT_TRANSLATE_NOOP("Fault", "are too few in the drawers: two want the last piece of one gauge; allow what is not "
                               "there, or order it")};
inline constexpr FaultCode choiceTookTooLong{QT_TRANSLATE_NOOP("Fault", "could not be chosen in time; try again")};

// The card in the case
inline constexpr FaultCode codeOfOtherShop{QT_TRANSLATE_NOOP(
    "Fault", "%1 is of another shop; search for the guitar by its name or owner, or take it in as a new one")};
inline constexpr FaultCode codeOfNoJob{QT_TRANSLATE_NOOP(
    "Fault", "%1 is of a job that is no longer in this shop; search for the guitar by its name or owner")};
inline constexpr FaultCode noCardUnbalanced{QT_TRANSLATE_NOOP(
    "Fault", "do not balance on this guitar, so nothing can be put on a card; the plan says what helps")};
inline constexpr FaultCode printerFailed{
    QT_TRANSLATE_NOOP("Fault", "did not take it; see whether it is on and has paper, or save it as a file")};

// The day
inline constexpr FaultCode notHours{
    QT_TRANSLATE_NOOP("Fault", "must be times like 9:00-12:30, 13:30-18:00, one after the other; it is \"%1\"")};
inline constexpr FaultCode notTypedMoment{
    QT_TRANSLATE_NOOP("Fault", "must be a time like 17:00 or a day like 2026-03-31, or both; it is \"%1\"")};
inline constexpr FaultCode noHoursAtAll{
    QT_TRANSLATE_NOOP("Fault", "are on no day of the week; choose the days on which the shop is open")};
inline constexpr FaultCode hoursTooShort{
    QT_TRANSLATE_NOOP("Fault", "do not suffice for the jobs in hand within half a year; lengthen them")};

// Did it hold
inline constexpr FaultCode notHeldReadings{
    QT_TRANSLATE_NOOP("Fault", "must be one figure in cents for each of the %1 strings, thickest first, like -3 -2 0 1 "
                               "2 0; it is \"%2\"")};

inline constexpr FaultCode noSuchEvent{QT_TRANSLATE_NOOP("Fault", "is \"%1\", which is no event this program knows")};
inline constexpr FaultCode otherFormat{QT_TRANSLATE_NOOP("Fault", "must be \"%1\"; this file is something else")};
inline constexpr FaultCode newerVersion{
    QT_TRANSLATE_NOOP("Fault", "is %1, newer than the %2 this program knows; open it with a newer Flenzo")};

// What cannot be after what was entered before
inline constexpr FaultCode offTwice{QT_TRANSLATE_NOOP("Fault", "is off already; nothing was entered")};
inline constexpr FaultCode strungTwice{
    QT_TRANSLATE_NOOP("Fault", "is new already; if it broke again, enter that it is off first")};
inline constexpr FaultCode tooManySprings{
    QT_TRANSLATE_NOOP("Fault", "must be %1 at most; take one out before another goes in")};
inline constexpr FaultCode nothingAsked{QT_TRANSLATE_NOOP("Fault", "is no question; do what the act says")};

// Whole files
inline constexpr FaultCode isFolder{QT_TRANSLATE_NOOP("Fault", "is a folder; choose a file in it")};
inline constexpr FaultCode cannotBeRead{QT_TRANSLATE_NOOP("Fault", "cannot be read: %1")};
inline constexpr FaultCode fileTooLarge{
    QT_TRANSLATE_NOOP("Fault", "is larger than the %1 MiB that are read; check that it is the file you mean")};
inline constexpr FaultCode damagedJson{
    QT_TRANSLATE_NOOP("Fault", "is damaged or no JSON: %1 at byte %2; use a backup or the recovery copy")};
inline constexpr FaultCode noJsonObject{
    QT_TRANSLATE_NOOP("Fault", "holds no JSON object; this is no job and no guitar")};
inline constexpr FaultCode cannotBeWritten{QT_TRANSLATE_NOOP(
    "Fault", "could not be written: %1; nothing was changed, choose another folder or free some space")};
inline constexpr FaultCode photoUnread{QT_TRANSLATE_NOOP("Fault", "cannot be read; see that it is still there")};
inline constexpr FaultCode photoTooLarge{QT_TRANSLATE_NOOP("Fault", "is larger than 60 MB; take a smaller one")};
inline constexpr FaultCode noPhoto{QT_TRANSLATE_NOOP("Fault", "is no picture this program can show; use PNG or JPEG")};
inline constexpr FaultCode photoNotSaved{
    QT_TRANSLATE_NOOP("Fault", "cannot be kept beside the logbook; see that its folder can be written")};
inline constexpr FaultCode takeEmpty{QT_TRANSLATE_NOOP("Fault", "holds no sound; listen first, then save a recording")};
inline constexpr FaultCode takeWithoutBook{
    QT_TRANSLATE_NOOP("Fault", "can be saved with a job of the logbook only; save the job in the shop first")};
inline constexpr FaultCode folderNotMade{QT_TRANSLATE_NOOP("Fault", "cannot be made; choose another")};
inline constexpr FaultCode folderNotWritten{QT_TRANSLATE_NOOP("Fault", "cannot be written; choose another")};
inline constexpr FaultCode stopped{QT_TRANSLATE_NOOP("Fault", "was stopped; nothing was written")};

// The logbook
inline constexpr FaultCode bookFolderNotMade{
    QT_TRANSLATE_NOOP("Fault", "is in a folder that cannot be made; choose another with --logbook")};
inline constexpr FaultCode bookCannotBeMade{
    QT_TRANSLATE_NOOP("Fault", "does not exist yet and its folder cannot be written; choose another with --logbook")};
inline constexpr FaultCode bookDamaged{
    QT_TRANSLATE_NOOP("Fault", "is damaged (%1); restore a backup from the Shop menu")};
inline constexpr FaultCode bookForeign{
    QT_TRANSLATE_NOOP("Fault", "belongs to another program; choose another file with --logbook")};
inline constexpr FaultCode bookNewer{
    QT_TRANSLATE_NOOP("Fault", "was written by a newer version of the program; use that version to open it")};
inline constexpr FaultCode bookOlderAndInUse{
    QT_TRANSLATE_NOOP("Fault", "is of an older version and open in another window; close that one first")};
inline constexpr FaultCode bookInUse{
    QT_TRANSLATE_NOOP("Fault", "is open in another window, so this one only reads; go on there")};
inline constexpr FaultCode bookNotWritable{QT_TRANSLATE_NOOP(
    "Fault", "may not be written by this user, so it is only read; ask for the right to write it and its folder")};
inline constexpr FaultCode bookNotOpened{
    QT_TRANSLATE_NOOP("Fault", "was refused by the disk (%1); check the folder's permissions")};
inline constexpr FaultCode bookNotRead{QT_TRANSLATE_NOOP(
    "Fault", "cannot be read (%1); check it from the Shop menu and restore a backup if it is damaged")};
inline constexpr FaultCode bookNotWritten{QT_TRANSLATE_NOOP(
    "Fault", "was refused by the disk (%1); nothing was changed, make room or choose another folder and do it again")};
inline constexpr FaultCode noBackup{
    QT_TRANSLATE_NOOP("Fault", "was refused by the disk (%1); no backup was made, make room or choose another folder")};
inline constexpr FaultCode backupExists{QT_TRANSLATE_NOOP("Fault", "exists already; choose another name")};
inline constexpr FaultCode notSetAside{QT_TRANSLATE_NOOP("Fault", "cannot be renamed; check the folder's permissions")};
inline constexpr FaultCode backupNotCopied{
    QT_TRANSLATE_NOOP("Fault", "cannot be copied into place; make room and copy it by hand")};
inline constexpr FaultCode bookNotEmpty{
    QT_TRANSLATE_NOOP("Fault", "holds jobs or stock already; a shop moves into an empty logbook only")};
inline constexpr FaultCode clockBehind{QT_TRANSLATE_NOOP(
    "Fault", "has its newest entry at %1, but this machine's clock says %2; set the clock, or due dates "
             "and times will be wrong")};

// A logbook on a server
inline constexpr FaultCode serverAddress{QT_TRANSLATE_NOOP(
    "Fault",
    "is no address of a server; write it as postgresql://user@host/database, with ?sslmode=require where asked")};
inline constexpr FaultCode serverDriverMissing{
    QT_TRANSLATE_NOOP("Fault", "needs Qt's driver for PostgreSQL; install the package libqt6sql6-psql")};
inline constexpr FaultCode serverNotReached{
    QT_TRANSLATE_NOOP("Fault", "does not answer; see that the server runs and the network is up")};
inline constexpr FaultCode serverRefused{
    QT_TRANSLATE_NOOP("Fault", "was refused by the server (%1); check user, password and the database's name")};
inline constexpr FaultCode serverEncoding{
    QT_TRANSLATE_NOOP("Fault", "keeps text as %1, which has not every letter; make its database with encoding UTF8")};
inline constexpr FaultCode serverAway{QT_TRANSLATE_NOOP(
    "Fault", "does not answer any more; what is entered is kept on this machine and goes there when it is back")};
inline constexpr FaultCode serverFull{
    QT_TRANSLATE_NOOP("Fault", "has no room on its server (%1); nothing was changed, make room there and do it again")};
inline constexpr FaultCode serverNotRead{QT_TRANSLATE_NOOP("Fault", "cannot be read (%1); ask who minds the server")};
inline constexpr FaultCode serverNotWritten{
    QT_TRANSLATE_NOOP("Fault", "was refused by the server (%1); nothing was changed, do it again")};
inline constexpr FaultCode jobChangedElsewhere{
    QT_TRANSLATE_NOOP("Fault", "was changed at another bench meanwhile; look at it there and do it again")};
inline constexpr FaultCode jobNotSaved{
    QT_TRANSLATE_NOOP("Fault", "has changes that are in no file yet; save it, or save it in the shop first")};
inline constexpr FaultCode jobGone{QT_TRANSLATE_NOOP("Fault", "is not in this logbook any more")};

} // namespace flenzo::faults
