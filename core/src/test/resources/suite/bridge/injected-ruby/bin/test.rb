require_relative '../lib/alarms'

LoudAlarm.new(SteamHorn.new).fire('quay 3')
QuietAlarm.new(Loudspeaker.new).fire('the cinema')
