from flags import Flag

Flag.make("blue")
print(Flag.at(0))
