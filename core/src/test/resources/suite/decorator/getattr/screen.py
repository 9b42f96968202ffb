from feeds import Feed, Numbered, Shouting

def show():
    for row in Numbered(Shouting(Feed(["a", "b"]))).read():
        print(row)
