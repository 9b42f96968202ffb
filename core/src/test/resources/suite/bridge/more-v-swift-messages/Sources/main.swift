Reminder(day: "Monday", channel: Mail()).send(to: "a@b.c")
Alarm(channel: Push()).send(to: "42")
