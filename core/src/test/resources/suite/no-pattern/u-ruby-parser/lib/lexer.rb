class Lexer
  Token = Struct.new(:kind, :text)

  def initialize(source)
    @source = source
  end

  def each_token
    return to_enum(:each_token) unless block_given?

    @source.scan(/\d+|[-+*()]/) do |text|
      yield Token.new(text.match?(/\d/) ? :number : text.to_sym, text)
    end
  end
end
