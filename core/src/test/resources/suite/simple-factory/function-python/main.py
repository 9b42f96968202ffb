from vessels import vessel_for

print(vessel_for("barge").toll())
