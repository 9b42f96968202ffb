from roster import Gang, Roster
from tasks import CastOff, Moor

gang = Gang()
roster = Roster()
roster.plan(Moor(gang, 4))
roster.plan(CastOff(gang, 7))
roster.start_shift()
