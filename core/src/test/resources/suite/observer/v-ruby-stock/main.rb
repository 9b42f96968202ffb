require_relative "lib/portfolio"

salt = Stock.new("SALT", 10)
portfolio = Portfolio.new
portfolio.buy(salt, 5)
Ticker.new($stdout).follow(salt)
salt.price = 12
puts portfolio.worth
