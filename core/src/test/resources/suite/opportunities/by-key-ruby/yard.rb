require_relative 'shapes'

class Yard
  def enclose(kind)
    fence = if kind == 'wood'
              WoodFence.new
            elsif kind == 'wire'
              WireFence.new
            else
              raise ArgumentError, kind
            end
    @length = (@length || 0) + fence.metres
  end

  def length
    @length
  end
end
