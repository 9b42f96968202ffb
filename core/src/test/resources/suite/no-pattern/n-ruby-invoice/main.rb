require_relative 'lib/invoice'
invoice = Invoice.new('Ines', tax: SteppedTax.new)
invoice.add('rope', Money.euros(12.5)) << Invoice::Line.new(text: 'tar', amount: Money.euros(3))
puts invoice.total
puts Invoice.new('abroad', tax: ReverseCharge.new).total
