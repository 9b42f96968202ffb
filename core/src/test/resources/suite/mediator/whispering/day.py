from tower import Tower

def arrive():
    tower = Tower()
    tower.tug.pair(tower.pilot)
    tower.pilot.board()
