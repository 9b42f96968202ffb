require_relative '../lib/macro'

winch = Winch.new
macro = Macro.new
macro.record { winch.haul(4) }
macro.record { winch.slack(1) }
2.times { macro.play }
puts winch.metres
