require_relative "../lib/robot/arm"
require_relative "../lib/robot/moves"
require_relative "../lib/robot/panel"

arm = Robot::Arm.new
panel = Robot::Panel.new
panel.press(Robot::Move.new(arm, 2, 1))
     .press(Robot::Series.new(Robot::Grip.new(arm), Robot::Move.new(arm, 0, 5)))
panel.undo
puts arm
panel.reset
puts arm
