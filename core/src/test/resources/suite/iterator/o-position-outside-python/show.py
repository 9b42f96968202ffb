from reel import Reel

for frame in Reel(["a", "b"]):
    print(frame)
