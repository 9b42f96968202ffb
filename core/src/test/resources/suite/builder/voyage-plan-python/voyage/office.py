from voyage.plan import VoyagePlanner


def spring_trip():
    return (
        VoyagePlanner("Marisma")
        .sail("Aldera", "Porto Sur", 210)
        .bunker_at("Porto Sur", 40)
        .sail("Porto Sur", "Aldera", 214)
        .with_pilot("Ines")
        .plan()
    )


if __name__ == "__main__":
    print(spring_trip().miles)
