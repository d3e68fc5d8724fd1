// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/document/undo_stacks.h"

#include "store/job_json.h"

#include <algorithm>
#include <utility>

namespace flenzo {

namespace {

constexpr std::size_t mostLeft = 8; ///< as many as are at hand

} // namespace

UndoStacks::UndoStacks(QObject* parent) : QObject(parent) {
    become(std::make_unique<QUndoStack>());
}

UndoStacks::~UndoStacks() {
    open_->disconnect(this); // it says "clean" when it goes, and what listens may have gone before it
}

void UndoStacks::become(std::unique_ptr<QUndoStack> stack) {
    if (open_)
        open_->disconnect(this);
    // One that is undone from says so yet; it goes once that is over.
    if (QUndoStack* old = std::exchange(open_, std::move(stack)).release())
        old->deleteLater();
    connect(open_.get(), &QUndoStack::indexChanged, this, &UndoStacks::moved);
    connect(open_.get(), &QUndoStack::cleanChanged, this, &UndoStacks::cleanChanged);
    Q_EMIT moved();
}

void UndoStacks::leave(qint64 id, const Job& job) {
    open_->disconnect(this);
    drop(id);
    left_.push_back({id, jobBytes(job), std::exchange(open_, nullptr)});
    if (left_.size() > mostLeft)
        left_.pop_front();
}

void UndoStacks::drop(qint64 id) {
    left_.erase(std::remove_if(left_.begin(), left_.end(), [id](const Left& one) { return one.id == id; }),
                left_.end());
}

void UndoStacks::begin() {
    become(std::make_unique<QUndoStack>());
}

void UndoStacks::goOn(qint64 id, const Job& job) {
    const auto left = std::find_if(left_.begin(), left_.end(), [id](const Left& one) { return one.id == id; });
    std::unique_ptr<QUndoStack> stack;
    // Or what could be undone would take somebody else's work away. Read again, a figure may differ in its last bit.
    if (left != left_.end() && left->job == jobBytes(job))
        stack = std::move(left->stack);
    drop(id);
    if (!stack)
        return begin();
    stack->setClean(); // it is on disk
    become(std::move(stack));
}

void UndoStacks::forget() {
    left_.clear();
}

} // namespace flenzo
