class Document
  def initialize(path)
    @text = File.read(path)
  end

  def words
    @text.split.size
  end

  def first_line
    @text.lines.first
  end
end

class LazyDocument
  def initialize(path)
    @path = path
  end

  def method_missing(name, *args, &block)
    paper.public_send(name, *args, &block)
  end

  def respond_to_missing?(name, include_private = false)
    Document.method_defined?(name) || super
  end

  private

  def paper
    @document ||= Document.new(@path)
  end
end
