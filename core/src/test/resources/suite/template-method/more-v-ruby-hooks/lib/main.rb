require_relative "exporter"

[CsvExporter.new, AdultHtml.new].each { |exporter| puts exporter.export([["ana", 20], ["bo", 9]]) }
