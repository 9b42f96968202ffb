# frozen_string_literal: true

class Mast
  Snapshot = Struct.new(:flags, :height) do
    def initialize(*)
      super
      freeze
    end
  end
  private_constant :Snapshot

  def initialize
    @flags = []
    @height = 0
  end

  def hoist(flag)
    @flags << flag
    @height += 1
  end

  def snapshot
    Snapshot.new(@flags.dup, @height)
  end

  def back_to(snapshot)
    @flags = snapshot.flags.dup
    @height = snapshot.height
  end

  def to_s
    @flags.join('-')
  end
end

class SignalBook
  def initialize(mast)
    @mast = mast
    @pages = []
  end

  def mark
    @pages.push(@mast.snapshot)
  end

  def turn_back
    page = @pages.pop
    @mast.back_to(page) if page
  end
end

class Locker
  include Enumerable

  def initialize(flags)
    @flags = flags
  end

  def each
    return enum_for(:each) unless block_given?

    @flags.each { |flag| yield flag }
  end
end
