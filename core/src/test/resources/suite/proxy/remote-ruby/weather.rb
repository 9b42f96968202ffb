require 'net/http'
module WeatherService
  def forecast(port); raise NotImplementedError; end
  def warnings(port); raise NotImplementedError; end
end
class LocalWeather
  include WeatherService
  def initialize(table); @table = table; end
  def forecast(port) = @table.fetch(port)
  def warnings(port) = forecast(port)[:warnings]
end
class RememberingWeather
  include WeatherService
  def initialize(table)
    @table = table
    @known = {}
  end
  def forecast(port)
    @known[port] ||= service.forecast(port)
  end
  def warnings(port) = service.warnings(port)
  private
  def service = @service ||= LocalWeather.new(@table)
end
class Captain
  def initialize(weather); @weather = weather; end
  def go?(port) = @weather.warnings(port).empty?
end
Captain.new(RememberingWeather.new({})).go?('Aldera')
