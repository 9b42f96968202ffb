require_relative '../lib/schedule'
require_relative '../lib/report'
class Lighthouse
  attr_reader :lit
  def light = @lit = true
  def douse = @lit = false
end
lighthouse = Lighthouse.new
schedule = Schedule.new
schedule.at(Time.parse('18:00'), 'light') { lighthouse.light }
        .at(Time.parse('06:00'), 'douse') { lighthouse.douse }
schedule.tick
puts Report.new(schedule.map { |task| [task.name, task.at] }).as('csv')
