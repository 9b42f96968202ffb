from chat import Member, Moderator, Room

room = Room()
ana = Member("ana")
bo = Moderator("bo")
room.enter(ana)
room.enter(bo)
ana.say("hello!")
