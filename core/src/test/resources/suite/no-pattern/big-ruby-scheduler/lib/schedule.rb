require 'time'
Task = Struct.new(:name, :at, :block) do
  def due?(now) = at <= now
  def run = block.call
end

class Schedule
  include Enumerable
  def initialize(clock: -> { Time.now }) = (@clock, @tasks = clock, [])

  def at(time, name = 'task', &block)
    @tasks << Task.new(name, time, block)
    self
  end

  def each(&block) = @tasks.sort_by(&:at).each(&block)

  def tick
    due, @tasks = @tasks.partition { |task| task.due?(@clock.call) }
    due.each(&:run)
  end
end
