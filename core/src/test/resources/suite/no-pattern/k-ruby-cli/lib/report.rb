class Report
  include Enumerable

  def initialize(path, limit)
    @path = path
    @limit = limit
  end

  def each
    File.foreach(@path).first(@limit).each { |line| yield line.chomp.split(';') }
  end
end
