using System.Runtime.InteropServices;
using Datura.Core.Body;
using SharpGLTF.Memory;
using SharpGLTF.Schema2;

namespace Datura.Files.Models;

/// <summary>The skin as a binary glTF 2.0 model: metres as the standard wants, texture coordinates on the paint picture.</summary>
public static class BodyModel
{
    private const float MetresPerMm = 0.001f;

    public static byte[] Glb(FittedBody body)
    {
        var mesh = body.Mesh;
        var window = new ChartWindow(1);
        var root = ModelRoot.CreateModel();
        var primitive = root.CreateMesh("skin").CreatePrimitive();
        float[] positions = [.. mesh.Positions.SelectMany(p => new[] { MetresPerMm * (float)p.X, MetresPerMm * (float)p.Y, MetresPerMm * (float)p.Z })];
        float[] normals = [.. mesh.Normals.SelectMany(n => new[] { (float)n.X, (float)n.Y, (float)n.Z })];
        float[] places = [.. mesh.Chart.SelectMany(c => new[] { (float)window.ColumnOf(c.XMm), (float)window.RowOf(c.YMm) })];
        primitive.SetVertexAccessor("POSITION", Vertices(root, positions, DimensionType.VEC3));
        primitive.SetVertexAccessor("NORMAL", Vertices(root, normals, DimensionType.VEC3));
        primitive.SetVertexAccessor("TEXCOORD_0", Vertices(root, places, DimensionType.VEC2));
        var triangles = MemoryMarshal.AsBytes<int>(mesh.Triangles).ToArray();
        var indices = root.CreateAccessor();
        indices.SetIndexData(
            root.UseBufferView(triangles, 0, triangles.Length, 0, BufferMode.ELEMENT_ARRAY_BUFFER), 0, mesh.Triangles.Length,
            IndexEncodingType.UNSIGNED_INT);
        primitive.SetIndexAccessor(indices);
        primitive.DrawPrimitiveType = PrimitiveType.TRIANGLES;
        primitive.Material = root.CreateMaterial("paint");
        root.UseScene(0).CreateNode("bust").Mesh = root.LogicalMeshes[0];
        return root.WriteGLB().ToArray();
    }

    private static Accessor Vertices(ModelRoot root, float[] values, DimensionType type)
    {
        var bytes = MemoryMarshal.AsBytes<float>(values).ToArray();
        var accessor = root.CreateAccessor();
        accessor.SetVertexData(
            root.UseBufferView(bytes, 0, bytes.Length, 0, BufferMode.ARRAY_BUFFER), 0,
            values.Length / (type == DimensionType.VEC3 ? 3 : 2), new AttributeFormat(type, EncodingType.FLOAT));
        return accessor;
    }
}
