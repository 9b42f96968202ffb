require_relative 'instruments'
require_relative 'outputs'

Flute.new(SpeakerOutput.new).play(440)
Drum.new(FileOutput.new('drum.raw')).play(0)
