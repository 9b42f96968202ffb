require_relative 'jobs'

class Roster
  include Enumerable

  def initialize
    @jobs = []
  end

  def <<(job)
    @jobs << job
    self
  end

  def each(&block)
    return enum_for(:each) unless block

    @jobs.each(&block)
  end
end

roster = Roster.new
roster << InboundJob.new << ShiftJob.new
log = []
roster.each { |job| job.run(log) }
walk = roster.each
puts walk.next.bill
