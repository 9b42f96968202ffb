require_relative 'printing'
puts Manifest.new(PaperPrinter.new, %w[rope tar]).out
puts Waybill.new(LabelPrinter.new).out
