class Export
  def initialize(zip: false, sign: false, notify: false)
    @zip = zip
    @sign = sign
    @notify = notify
  end

  def run(rows)
    data = rows.map { |row| row.join(';') }.join("\n")
    data = compress(data) if @zip
    data += "\n--signed" if @sign
    puts "exported #{rows.size}" if @notify
    data
  end

  private

  def compress(data)
    data.squeeze
  end
end
