require_relative 'goods'
require_relative 'duties'

module Customs
  class Office
    def initialize(duties: [TobaccoDuty.new, GeneralDuty.new], journal: $stdout)
      @duties = duties
      @journal = journal
      @on_seizure = []
    end

    def on_seizure(&block)
      @on_seizure << block
    end

    def clear(consignment)
      total = @duties.sum { |duty| duty.due(consignment) }
      seize(consignment) if consignment.any? { |good| good.kind == :weapon }
      @journal.puts "#{consignment.owner}: #{total}"
      total
    end

    private

    def seize(consignment)
      @on_seizure.each { |listener| listener.call(consignment) }
    end
  end

  class Police
    attr_reader :files

    def initialize(office)
      @files = []
      office.on_seizure { |consignment| @files << consignment.owner }
    end
  end

  class Press
    def initialize(office)
      office.on_seizure { |consignment| write("Seizure: #{consignment.owner}") }
    end

    def write(text) = (@last = text)
  end
end
