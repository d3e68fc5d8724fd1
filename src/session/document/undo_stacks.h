// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "domain/job/job.h"

#include <QObject>
#include <QUndoStack>
#include <deque>
#include <memory>

namespace flenzo {

/// What can be undone: of the open job, and of the kept ones that were left last, for as long as they stay as they
/// were left.
class UndoStacks : public QObject {
    Q_OBJECT
public:
    explicit UndoStacks(QObject* parent = nullptr);
    ~UndoStacks() override;

    [[nodiscard]] QUndoStack& open() const { return *open_; }
    /// The open job is left as it is, under the number that the logbook has for it.
    void leave(qint64 id, const Job& job);
    void begin();                         ///< a job of which nothing can be undone
    void goOn(qint64 id, const Job& job); ///< with what could be undone where it is as it was left
    void forget();                        ///< those that were left: their numbers mean other jobs from now on

Q_SIGNALS:
    void moved(); ///< what can be undone or redone is another
    void cleanChanged();

private:
    struct Left {
        qint64 id = 0;
        QByteArray job; ///< as a file has it
        std::unique_ptr<QUndoStack> stack;
    };
    void drop(qint64 id);
    void become(std::unique_ptr<QUndoStack> stack);

    std::unique_ptr<QUndoStack> open_;
    std::deque<Left> left_; ///< the last one last
};

} // namespace flenzo
