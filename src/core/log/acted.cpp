// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log/acted.h"

#include "core/operations/acts.h"
#include "core/statics/pitch.h"

namespace flenzo {

State acted(const Rig& rig, State state, const Event& event) {
    if (event.string >= rig.strings.size())
        return state;
    switch (event.kind) {
    case Event::Kind::Read:
    case Event::Kind::Wiggle:
    case Event::Kind::Retarget:
    case Event::Kind::Slipped:
    case Event::Kind::Disturbed:
        return state;
    case Event::Kind::Tuned:
    case Event::Kind::Fine:
    case Event::Kind::Stretched:
        return tunePeg(rig, std::move(state), event.string,
                       frequencyAt_Hz(rig.strings[event.string].target_Hz, event.to_cents))
            .state;
    case Event::Kind::Claw:
        return turnClaw(rig, std::move(state), event.turns).state;
    case Event::Kind::Block:
        return putBlock(rig, std::move(state), event.block).state;
    case Event::Kind::Unblock:
        return takeBlock(rig, std::move(state)).state;
    case Event::Kind::Lock:
        return lockNut(rig, std::move(state)).state;
    case Event::Kind::Turn:
        return turnGuitar(rig, std::move(state), event.to).state;
    case Event::Kind::Off:
        return removeString(rig, std::move(state), event.string).state;
    case Event::Kind::Strung:
    case Event::Kind::Springs:
    case Event::Kind::Posts:
    case Event::Kind::Saddle:
        return settle(rig, std::move(state)).state;
    }
    return state;
}

} // namespace flenzo
