module Billing
  def bill
    "#{title}: #{hours * rate}"
  end

  def rate
    80
  end
end

class Job
  include Billing

  def run(log)
    log << "start #{title}"
    perform(log)
    log << "end #{title}"
  end

  def title
    raise NotImplementedError
  end

  def hours
    raise NotImplementedError
  end

  private

  def perform(log)
    raise NotImplementedError
  end
end

class InboundJob < Job
  def title = 'inbound'

  def hours = 3

  private

  def perform(log)
    log << 'meet at the buoy'
  end
end

class ShiftJob < Job
  def title = 'shift'

  def hours = 1

  def rate = 60

  private

  def perform(log)
    log << 'from berth to berth'
  end
end
