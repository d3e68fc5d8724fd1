// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "paint/string_lanes.h"
#include "widgets/controls/scene_view.h"

namespace flenzo {

/// Every string in its lane, which moves to where it comes to be; a lane that is pressed is picked.
class LaneView : public SceneView {
    Q_OBJECT
public:
    explicit LaneView(QWidget* parent);
    void showLanes(const StringLanes& lanes, const Preferences& preferences);

Q_SIGNALS:
    void lanePicked(std::size_t string);

private:
    StringLanes lanes_;
};

} // namespace flenzo
