module Gear
  def stow; raise NotImplementedError; end
  def deploy; raise NotImplementedError; end
  def recharge; raise NotImplementedError; end
end
class Net
  include Gear
  def stow; @out = false; end
  def deploy; @out = true; end
  def recharge; end
end
class Sonar
  include Gear
  def stow; raise NotImplementedError, 'fixed to the hull'; end
  def deploy; @on = true; end
  def recharge; @charge = 100; end
end
class Deck
  def initialize; @gear = [Net.new, Sonar.new]; end
  def morning; @gear.each(&:deploy); end
  def evening; @gear.each(&:stow); @gear.each(&:recharge); end
end
