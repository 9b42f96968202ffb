# frozen_string_literal: true

require 'json'
require 'time'

module Radio
  class Error < StandardError; end

  class Message
    attr_reader :from, :text, :at
    attr_accessor :delivered

    def initialize(from:, text:, at: Time.now)
      @from = from
      @text = text
      @at = at
      @delivered = false
    end

    def self.from_json(json)
      data = JSON.parse(json, symbolize_names: true)
      new(from: data.fetch(:from), text: data.fetch(:text), at: Time.parse(data.fetch(:at)))
    end

    def urgent?
      text.start_with?('mayday')
    end

    def to_h
      { from: from, text: text, at: at.iso8601 }
    end
  end

  class MessageLog
    include Enumerable

    def initialize
      @messages = []
    end

    def <<(message)
      @messages << message
      self
    end

    def each(&block)
      @messages.each(&block)
    end

    def urgent
      select(&:urgent?)
    end
  end

  class Deliver
    def self.call(...)
      new(...).call
    end

    def initialize(message, log:, sender: Sender.new)
      @message = message
      @log = log
      @sender = sender
    end

    def call
      raise Error, 'nothing to say' if @message.text.strip.empty?

      @sender.transmit(@message.to_h)
      @message.delivered = true
      @log << @message
    end
  end

  class Sender
    def initialize(channel: 16)
      @channel = channel
    end

    def transmit(data)
      puts "[#{@channel}] #{JSON.generate(data)}"
    end
  end

  class Report
    def initialize(log)
      @log = log
    end

    def to_s
      @log.group_by(&:from).map { |from, messages| "#{from}: #{messages.size}" }.join("\n")
    end
  end
end
