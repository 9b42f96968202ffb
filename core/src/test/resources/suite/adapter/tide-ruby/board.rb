require_relative 'tide'

sources = [Harbour::TableSource.new({ 6 => 1.2 }), Harbour::BuoySource.new(BuoyLink.new('ttyS0'))]
sources.each { |source| puts "#{source.name}: #{source.height_at(6)}" }
