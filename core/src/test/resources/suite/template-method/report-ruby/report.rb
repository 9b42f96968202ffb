class Report
  def print
    lines = [title]
    lines.concat(body)
    lines << footer
    lines.join("\n")
  end

  def title
    'report'
  end

  def footer
    ''
  end
end

class TideReport < Report
  def title
    'tides'
  end

  def body
    ['high 4.1', 'low 0.3']
  end
end

class DuesReport < Report
  def body
    ['nothing owed']
  end

  def footer
    'pay at the desk'
  end
end

[TideReport.new, DuesReport.new].each { |report| puts report.print }
