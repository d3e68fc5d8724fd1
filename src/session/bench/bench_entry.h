// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document/session.h"

namespace flenzo {

/// What is entered at the bench into the open job: which reading is asked for, what was typed, what is confirmed.
class BenchEntry : public QObject {
    Q_OBJECT
public:
    explicit BenchEntry(Session& session, QObject* parent = nullptr);

    /// The string the next typed reading is for, or none when the gap is wanted.
    [[nodiscard]] std::optional<std::size_t> pickedString() const;
    [[nodiscard]] bool gapPicked() const;
    void pickString(std::optional<std::size_t> string); ///< nothing: back to the one the next act asks for
    void pickGap();

    /// What was typed on the bench: goes into the log as the act it answers.
    std::optional<Fault> enter(const QString& text, bool inches);
    /// The act was done as asked: claw turned, block out, string tuned to its aim.
    std::optional<Fault> confirm();
    /// Yes or no to what is asked: an entry that was otherwise, or a string that is off.
    std::optional<Fault> answer(bool yes);
    /// A block of that thickness is under the rear edge.
    std::optional<Fault> putBlock(double thickness_m);
    /// Something was done to the picked string.
    std::optional<Fault> happened(const QString& text, Event::Kind kind);
    /// The simulated guitar does and reads what is asked. Only for jobs that have one.
    std::optional<Fault> letSimulationAnswer();

Q_SIGNALS:
    void pickChanged();

private:
    [[nodiscard]] const Job& job() const { return session_.job(); }
    [[nodiscard]] Result<Event> eventOf(const QString& text, bool inches) const;
    [[nodiscard]] Event pitchEvent(std::size_t string, double cents, bool bare) const;
    std::optional<Fault> goOnWithout(std::size_t string);

    Session& session_;
    std::optional<std::size_t> pick_;
    bool gapPick_ = false;
};

} // namespace flenzo
