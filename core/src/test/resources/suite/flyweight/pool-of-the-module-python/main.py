from flags import Flag

print(Flag.of("blue") is Flag.of("blue"), Flag.of("red").name)
