require_relative 'readers'
[WeatherFeed.new('w'), TideFeed.new('t')].each { |feed| puts feed.refresh.size }
