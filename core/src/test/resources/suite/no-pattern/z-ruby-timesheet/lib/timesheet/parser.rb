require_relative "entry"

module Timesheet
  class Parser
    LINE = /\A(\d{4}-\d\d-\d\d)\s+(\S+)\s+(\d+)m\z/

    class BadLine < StandardError
      attr_reader :number

      def initialize(number, text)
        @number = number
        super("line #{number}: #{text}")
      end
    end

    def initialize(strict: false)
      @strict = strict
    end

    def parse(io)
      io.each_line.with_index(1).filter_map do |text, number|
        match = LINE.match(text.strip)
        if match
          Entry.new(Date.parse(match[1]), match[2], match[3].to_i)
        elsif @strict
          raise BadLine.new(number, text)
        end
      end
    end
  end
end
