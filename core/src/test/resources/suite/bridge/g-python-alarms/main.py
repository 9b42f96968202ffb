from alarms import DrillAlarm, FireAlarm, Pager, Siren

FireAlarm(Siren()).raise_("north mole")
DrillAlarm(Pager("112"), "monthly").raise_("office")
