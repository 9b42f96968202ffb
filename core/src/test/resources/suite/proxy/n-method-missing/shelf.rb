require_relative "document"

class Shelf
  def initialize(paths)
    @documents = paths.map { |path| LazyDocument.new(path) }
  end

  def thickest
    @documents.max_by { |document| document.words }
  end
end
