class Lamp
  def lit1; 1; end
  def lit2; 2; end
  def lit3; 3; end
  def lit4; 4; end
  def lit5; 5; end
  def lit6; 6; end
  def lit7; 7; end
  def lit8; 8; end
  def lit9; 9; end
  def lit10; 10; end
  def lit11; 11; end
  def lit12; 12; end
  def lit13; 13; end
  def lit14; 14; end
  def lit15; 15; end
  def lit16; 16; end
  def lit17; 17; end
  def lit18; 18; end
  def lit19; 19; end
  def lit20; 20; end
  def lit21; 21; end
  def lit22; 22; end
  def lit23; 23; end
  def lit24; 24; end
  def lit25; 25; end
  def lit26; 26; end
  def lit27; 27; end
  def lit28; 28; end
  def lit29; 29; end
  def lit30; 30; end
  def lit31; 31; end
  def lit32; 32; end
  def lit33; 33; end
  def lit34; 34; end
  def lit35; 35; end
  def lit36; 36; end
  def lit37; 37; end
  def lit38; 38; end
  def lit39; 39; end
  def lit40; 40; end
end

v = Lamp.new
v.lit1
if ARGV.empty?
  w = Lamp.new
  w.lit2
end
[1].each do |i|
  x = Lamp.new
  x.lit3
end
begin
  y = Lamp.new
  y.lit4
rescue ArgumentError => e
  z = Lamp.new
  z.lit5
ensure
  Lamp.new.lit6
end
module Mod
  def self.one
    v = Lamp.new
    v.lit7
  end
  module_function
  def two
    v = Lamp.new
    v.lit8
  end
end
class Yard
  SHARED = Lamp.new
  SHARED.lit9
  class << self
    def s
      v = Lamp.new
      v.lit10
    end
  end
  def initialize
    @v = Lamp.new
  end
  def x=(value)
    @v.lit11
  end
  def lazy
    @lazy ||= Lamp.new
    @lazy.lit12
  end
  def c
    case @v.lit13
    when 1 then @v.lit14
    else @v.lit15
    end
    @v.lit16 unless @v.lit17
    @v.lit18 while false
    until @v.lit19 do end
    l = lambda { @v.lit20 }
    m = ->(q) { @v.lit21 }
    pr = proc do @v.lit22 end
    tap { @v.lit23 }
    "#{@v.lit24} text"
    a, b = Lamp.new, Lamp.new
    a.lit25; b.lit26
    v&.lit27
    @v.lit28 ? @v.lit29 : @v.lit30
    [@v.lit31, { k: @v.lit32 }]
    @v.lit33 && @v.lit34
    return @v.lit35 if @v.lit36
    yield @v.lit37
  rescue => e
    @v.lit38
  ensure
    @v.lit39
  end
  define_method(:dm) { Lamp.new.lit40 }
end
