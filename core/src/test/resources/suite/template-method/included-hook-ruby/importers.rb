require_relative "importer"

class TideImporter
  include Importer
  source :gauge

  def fetch
    ["4.1", "3.9"]
  end

  def convert(row)
    Float(row, exception: false)
  end
end

class ShipImporter
  include Importer
  source :pilot

  def fetch
    ["Signe;12", "Alma;9"]
  end

  def convert(row)
    row.split(";").first
  end
end

[TideImporter, ShipImporter].each { |kind| kind.new.run }
