module Importer
  def self.included(base)
    base.extend(ClassMethods)
  end

  module ClassMethods
    def source(name = nil)
      name ? @source = name : @source
    end
  end

  def run
    rows = fetch
    rows.map { |row| convert(row) }.compact.each { |row| store(row) }
  end

  def store(row)
    stored << row
  end

  def stored
    @stored ||= []
  end
end
