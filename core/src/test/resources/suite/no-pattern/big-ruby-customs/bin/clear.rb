require_relative '../lib/customs/office'
office = Customs::Office.new
Customs::Police.new(office)
Customs::Press.new(office)
goods = Customs::Consignment.new('Ana') << Customs::Good.new(name: 'pipe', kind: :tobacco, value: 40)
office.clear(goods)
