require_relative '../lib/radio'

log = Radio::MessageLog.new
Radio::Deliver.call(Radio::Message.new(from: 'Rosa', text: 'mayday'), log: log)
Radio::Deliver.call(Radio::Message.from_json('{"from":"Marta","text":"in","at":"2026-01-01T10:00:00Z"}'), log: log)
puts Radio::Report.new(log), log.urgent.size
