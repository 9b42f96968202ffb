# frozen_string_literal: true

require 'optparse'

module Tides
  Options = Struct.new(:file, :verbose, :format, keyword_init: true)

  class Cli
    FORMATS = %w[text csv].freeze

    def self.start(argv)
      new.run(argv)
    end

    def run(argv)
      options = parse(argv)
      readings = Reader.new(options.file).readings
      puts Printer.new(options.format).print(readings)
      warn "#{readings.size} readings" if options.verbose
      0
    rescue ArgumentError => e
      warn e.message
      2
    end

    private

    def parse(argv)
      options = Options.new(format: 'text', verbose: false)
      OptionParser.new do |parser|
        parser.on('-v') { options.verbose = true }
        parser.on('-f FORMAT') { |format| options.format = format }
      end.parse!(argv)
      raise ArgumentError, "unknown format #{options.format}" unless FORMATS.include?(options.format)

      options.file = argv.first || raise(ArgumentError, 'no file')
      options
    end
  end

  Reading = Struct.new(:at, :level)

  class Reader
    def initialize(file)
      @file = file
    end

    def readings
      File.foreach(@file).map do |line|
        at, level = line.split(';')
        Reading.new(at, level.to_i)
      end
    end
  end

  class Printer
    def initialize(format)
      @format = format
    end

    def print(readings)
      case @format
      when 'csv' then readings.map { |reading| "#{reading.at},#{reading.level}" }.join("\n")
      else readings.map { |reading| "#{reading.at}: #{reading.level} cm" }.join("\n")
      end
    end
  end
end

exit Tides::Cli.start(ARGV) if $PROGRAM_NAME == __FILE__
